import type { DoseRange } from '../dose';
import { type Result, ok, refuse } from '../result';
import type { Caution, Cues, Exercise, Fault, Performance } from './exercise';
import { type Phase, changedFoot } from './foot-state';
import { taughtBy } from './school-feet';
import type { School, SchoolQuestion } from './school';
import { cautionsOf } from './situation';

/** An exercise revision with one rung and one school settled: all that timeline, review, load and footprints read. */
export interface Execution extends Performance {
  readonly exercise: Exercise;
  readonly rungId: string | null;
  readonly rungName: string | null;
  readonly doses: DoseRange;
  /** What is said on this rung, in the school's own way. */
  readonly cues: Cues;
  readonly faults: readonly Fault[];
  /** Its own, and those that follow from what the body does on this rung. */
  readonly cautions: readonly Caution[];
  /** Seconds of each phase, in order. */
  readonly phaseSeconds: readonly number[];
}

export type ResolveError =
  | { readonly code: 'unknown-rung'; readonly exerciseId: string; readonly rungId: string }
  | { readonly code: 'no-ladder'; readonly exerciseId: string; readonly rungId: string };

/**
 * Settles an exercise: the exercise as written, then what the teacher's school changes, then what the rung changes;
 * last what the school decides for every rung: its own way with the foot, and the breath.
 * @param rungId null for the exercise as written, also where it has no ladder
 */
export function resolve(exercise: Exercise, rungId: string | null, school: School): Result<Execution, ResolveError> {
  const bySchool = settled.get(exercise) ?? new WeakMap<School, Map<string | null, Result<Execution, ResolveError>>>();
  settled.set(exercise, bySchool);
  const byRung = bySchool.get(school) ?? new Map<string | null, Result<Execution, ResolveError>>();
  bySchool.set(school, byRung);
  const known = byRung.get(rungId) ?? settle(exercise, rungId, school);
  byRung.set(rungId, known);
  return known;
}

/** Revisions never change, so what was settled once stays: an edit settles nothing again. */
const settled = new WeakMap<Exercise, WeakMap<School, Map<string | null, Result<Execution, ResolveError>>>>();

function settle(exercise: Exercise, rungId: string | null, school: School): Result<Execution, ResolveError> {
  const ladder = exercise.ladder;
  if (rungId !== null && !ladder) return refuse({ code: 'no-ladder', exerciseId: exercise.id, rungId });
  const rung = rungId === null ? null : ladder?.rungs.find((r) => r.id === rungId);
  if (rung === undefined && rungId !== null) return refuse({ code: 'unknown-rung', exerciseId: exercise.id, rungId });
  const variants = exercise.schoolVariants.filter((variant) => holds(variant.when, school));
  const changed = variants.reduce<Performance>((p, variant) => ({ ...p, ...variant.change }), exercise.performance);
  const performance = { ...changed, ...(rung?.change ?? {}) };
  const cues = [...variants, ...(rung ? [rung] : [])].reduce<Cues>(
    (c, said) => ({ ...c, ...said.cues }),
    exercise.cues,
  );
  const feet = (phase: Phase): Phase =>
    variants.reduce((p, { foot }) => (foot ? { ...p, working: changedFoot(p.working, foot) } : p), phase);
  return ok({
    ...performance,
    phases: withBreath(
      performance.phases.map((phase) => taughtBy(school, exercise, feet(phase))),
      exercise,
      school.breath,
    ),
    faults: variants.findLast((variant) => variant.faults)?.faults ?? exercise.faults,
    cues: school.breath === 'left-alone' && exercise.schools.breath === undefined ? { ...cues, breath: null } : cues,
    cautions: cautionsOf(exercise.cautions, performance, exercise.stage),
    exercise,
    rungId: rung?.id ?? null,
    rungName: rung?.name ?? null,
    doses: rung?.doses ?? exercise.doses,
    phaseSeconds: performance.phases.map((phase) => phase.seconds),
  });
}

/**
 * Breath as the school has it: left alone; or out on effort, in on what is none; or out on sinking and in on rising. Where
 * nothing is said of effort, or of the body, as written; and an exercise that is about the breath keeps its own.
 */
function withBreath(phases: readonly Phase[], exercise: Exercise, school: School['breath']): Phase[] {
  if (exercise.schools.breath !== undefined) return [...phases];
  switch (school) {
    case 'left-alone':
      return phases.map((phase) => ({ ...phase, breath: 'free' }));
    case 'out-on-effort':
      return phases.some((phase) => phase.effort === true)
        ? phases.map((phase) => ({ ...phase, breath: phase.effort === true ? 'out' : 'in' }))
        : [...phases];
    case 'out-on-sinking':
      return phases.map((phase) =>
        phase.body === undefined ? phase : { ...phase, breath: phase.body === 'sinks' ? 'out' : 'in' },
      );
  }
}

function holds(when: Partial<School>, school: School): boolean {
  return (Object.keys(when) as SchoolQuestion[]).every((question) => when[question] === school[question]);
}
