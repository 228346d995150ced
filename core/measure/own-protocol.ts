import * as z from 'zod';
import type { Result } from '../result';
import { type ReadError, readStored } from '../stored';
import { CheckId } from './check-id';
import { type NumberResult, Protocol, type Unit, unitWords } from './protocol';

/** A protocol of the teacher's own. One that is put away is not offered any more; what was measured with it stays. */
export const OwnProtocol = z
  .strictObject({ format: z.literal(1), ...Protocol.shape, away: z.boolean() })
  .superRefine(({ id, result }, context) => {
    const refuse = (message: string, ...path: string[]) => context.addIssue({ code: 'custom', message, path });
    if (CheckId.safeParse(id).success) refuse('check-built-in', 'id');
    if (result.gives === 'number') {
      const { refuse: outer, ask, cap, scale, combine, trials } = result;
      if (ask.least < outer.least || ask.most > outer.most) refuse('ask-outside', 'result', 'ask');
      if (cap !== null && (cap <= outer.least || cap > outer.most)) refuse('end-outside', 'result', 'cap');
      if (scale === 'log' && outer.least < 0) refuse('below-nothing', 'result', 'refuse');
      if (combine === 'single' && trials > 1) refuse('one-trial', 'result', 'trials');
    }
    if (result.gives === 'ordered' || result.gives === 'named')
      if (new Set(result.answers).size < result.answers.length) refuse('answer-twice', 'result', 'answers');
    if (result.gives === 'named' && !result.answers.includes(result.hoped)) refuse('hoped-unknown', 'result', 'hoped');
  });
export type OwnProtocol = z.infer<typeof OwnProtocol>;

export const readOwnProtocol = (stored: unknown): Result<OwnProtocol, ReadError> =>
  readStored(OwnProtocol, [(so) => so], stored);

/**
 * How a unit is judged until somebody says otherwise: the change a week that a teacher would call usual (per cent on the
 * log scale), what can be read off, and what is refused and asked. No source: as the checks that come with Needlework.
 */
const units: Readonly<
  Record<Unit, Pick<NumberResult, 'scale' | 'step' | 'refuse' | 'ask'> & { readonly usualWeek: number }>
> = {
  degrees: { scale: 'raw', step: 1, refuse: span(-90, 180), ask: span(-30, 130), usualWeek: 0.5 },
  seconds: { scale: 'log', step: 0.1, refuse: span(0, 600), ask: span(0, 60), usualWeek: 6 },
  reps: { scale: 'log', step: 1, refuse: span(0, 200), ask: span(0, 60), usualWeek: 5 },
  times: { scale: 'log', step: 1, refuse: span(0, 500), ask: span(0, 100), usualWeek: 5 },
  cm: { scale: 'raw', step: 0.1, refuse: span(-50, 200), ask: span(0, 100), usualWeek: 0.1 },
  mm: { scale: 'raw', step: 1, refuse: span(-50, 500), ask: span(0, 100), usualWeek: 0.1 },
  cm2: { scale: 'log', step: 0.5, refuse: span(0, 500), ask: span(10, 300), usualWeek: 0.5 },
  percent: { scale: 'raw', step: 1, refuse: span(0, 200), ask: span(0, 100), usualWeek: 1 },
  points: { scale: 'raw', step: 1, refuse: span(0, 10), ask: span(0, 10), usualWeek: 0.2 },
};
function span(least: number, most: number) {
  return { least, most };
}

/** A number in a unit, three trials and their mean, with no noise said. */
export function ownNumber(unit: Unit): NumberResult {
  const { usualWeek, ...limits } = units[unit];
  return {
    ...limits,
    gives: 'number',
    unit,
    trials: 3,
    combine: 'mean',
    noise: null,
    noiseFrom: 'teacher',
    rater: 0.5,
    weekly: weeklyFrom(limits.scale, usualWeek),
    practice: true,
    cap: null,
    floor: null,
  };
}

/** A protocol with nothing but its name: a number in centimetres on each foot. */
export const newProtocol = (id: string, name: string): OwnProtocol => ({
  format: 1,
  id,
  name,
  short: name.slice(0, 24).trim(),
  takenWith: null,
  sides: 'each',
  steps: [],
  needs: [],
  drawing: null,
  result: ownNumber('cm'),
  counted: null,
  judged: true,
  instead: { above: null, below: null },
  away: false,
});

/** The mean distance of two readings of something that has not changed, in standard errors: 2/√π, as both are normal. */
const apart = 2 / Math.sqrt(Math.PI);
type Scale = NumberResult['scale'];

/**
 * Noise from how far two careful readings of an unchanged foot usually lie apart.
 * @param difference in the unit; on the log scale in per cent
 */
export const noiseFrom = (scale: Scale, difference: number): number => onScale(scale, difference) / apart;
/** The other way round. */
export const usualDifference = (scale: Scale, noise: number): number => offScale(scale, noise * apart);

/** @param week change expected in a week, in the unit; on the log scale in per cent */
export const weeklyFrom = (scale: Scale, week: number): number => onScale(scale, week);
export const weekOf = (scale: Scale, weekly: number): number => offScale(scale, weekly);

const onScale = (scale: Scale, amount: number) => (scale === 'log' ? Math.log1p(amount / 100) : amount);
const offScale = (scale: Scale, amount: number) =>
  scale === 'log' ? Math.round(Math.expm1(amount) * 1000) / 10 : Math.round(amount * 100) / 100;

/** What a reading means: where this changes, earlier readings would say something else than what was seen. */
export function meaningOf({ sides, result }: Pick<Protocol, 'sides' | 'result'>): string {
  switch (result.gives) {
    case 'number':
      return [sides, result.unit, result.combine, result.trials, result.scale].join('|');
    case 'ordered':
    case 'named':
      return [sides, result.gives, ...result.answers].join('|');
    case 'clock':
    case 'marks':
      return [sides, result.gives].join('|');
  }
}

/** In what a change a week is said. */
export const weekUnit = ({ scale, unit }: Pick<NumberResult, 'scale' | 'unit'>): string =>
  scale === 'log' ? '%' : unit === 'percent' ? 'points' : unitWords[unit].name;

const combined: Readonly<Record<NumberResult['combine'], string>> = {
  mean: 'the mean',
  best: 'the best',
  single: 'a single try',
};

/** What a check gives, in a sentence: "A number in degrees on each foot, the mean of 3 tries." */
export function resultWords({ sides, result }: Pick<Protocol, 'sides' | 'result'>): string {
  const where = sides === 'each' ? 'on each foot' : 'on both feet at once';
  switch (result.gives) {
    case 'number': {
      const { combine, trials, cap, unit } = result;
      const tries = combine === 'single' || trials === 1 ? 'one try' : `${combined[combine]} of ${trials} tries`;
      const end = cap === null ? '' : `, ended at ${cap}${unitWords[unit].sign}`;
      return `A number ${unit === 'reps' || unit === 'times' ? 'of' : 'in'} ${unitWords[unit].name} ${where}, ${tries}${end}.`;
    }
    case 'ordered':
      return `A word ${where}: ${result.answers.join(', ')}.`;
    case 'named':
      return `A word ${where}: ${result.answers.join(', ')}; hoped for: ${result.hoped}.`;
    case 'clock':
      return `An hour of a clock face ${where}, or nowhere.`;
    case 'marks':
      return `Marks on a drawn sole ${where}.`;
  }
}
