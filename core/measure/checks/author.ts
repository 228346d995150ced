import type { CheckId } from '../check-id';
import type { NumberResult, Protocol } from '../protocol';

type Said = Pick<Protocol, 'name' | 'short' | 'takenWith' | 'steps'> &
  Partial<Pick<Protocol, 'sides' | 'needs' | 'drawing' | 'counted' | 'judged' | 'instead'>>;

/** A check with how it is taken: on each foot, judged, without kit or drawing, unless it says otherwise. */
export const protocolOf = (id: CheckId, said: Said, result: Protocol['result']): Protocol => ({
  sides: 'each',
  needs: [],
  drawing: null,
  counted: null,
  judged: true,
  instead: { above: null, below: null },
  ...said,
  id,
  result,
});
export const span = (least: number, most: number) => ({ least, most });
/** Unless a check says otherwise: three trials and their mean, on the raw scale, Needlework's own estimate of the noise. */
export const number = (
  unit: NumberResult['unit'],
  own: Pick<NumberResult, 'refuse' | 'ask' | 'noise' | 'rater' | 'weekly'> & Partial<NumberResult>,
): NumberResult => ({
  gives: 'number',
  unit,
  trials: 3,
  combine: 'mean',
  step: 1,
  scale: 'raw',
  noiseFrom: 'estimate',
  practice: false,
  cap: null,
  floor: null,
  ...own,
});
export const ordered = (...answers: string[]): Protocol['result'] => ({ gives: 'ordered', answers });
export const named = (hoped: string, ...answers: string[]): Protocol['result'] => ({
  gives: 'named',
  answers: [...answers, hoped],
  hoped,
});
