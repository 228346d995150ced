import type { Dose, DosePart } from '../dose';
import type { Exercise, Performance } from '../exercise';
import { exercise, performance, phase, range, reps, restsFlat, say, seatedFlat } from '../exercise/catalogue/author';
import { type Item, type Plan, bareWorkPace, newBlock, newItem, newPlan } from '../plan';
import { type Timeline, buildTimeline } from '../timeline';

/** Plain exercises for tests: invented, not for teaching. */
export function sampleExercise(
  id: string,
  change: Partial<Performance> = {},
  phaseSeconds: readonly number[] = [4],
): Exercise {
  return exercise({
    id,
    name: say(id),
    family: 'toes',
    purpose: 'A press for a test.',
    stage: 'active',
    directions: ['toes-lift'],
    faults: [{ seen: 'toes curl', from: 'above', say: 'Long toes.' }],
    cues: {
      setup: say('Sit tall.'),
      action: say('Press.'),
      breath: null,
      picture: say('A stamp on wet sand.'),
      correction: say('Long toes.'),
    },
    foundBy: [id],
    performance: performance({
      sidePattern: 'each',
      position: 'chair-seated',
      phases: phaseSeconds.map((s, i) => phase(`phase ${'abcdefgh'[i] ?? 'z'}`, s, seatedFlat, { other: restsFlat })),
      ...change,
    }),
    doses: range(reps(1), reps(12), reps(200)),
  });
}

/** A stand-in for a content address: the exercise's place in a list. */
export const sampleRevision = (index: number): string => index.toString(16).padStart(16, '0');

/** A plan of items, one per exercise, known, with nothing around the work, and its timeline. */
export function bareClass(
  entries: readonly { readonly exercise: Exercise; readonly dose: DosePart | Dose; readonly item?: Partial<Item> }[],
  change: Partial<Plan> = {},
  flow: 'by-exercise' | 'by-foot' = 'by-exercise',
): { plan: Plan; timeline: Timeline } {
  const items = entries.map(({ exercise: of, dose, item }, i): Item => ({
    ...newItem(`item-${i}`, of, sampleRevision(i)),
    dose: Array.isArray(dose) ? dose : [dose],
    ...item,
  }));
  const plan: Plan = {
    ...newPlan('plan-1', 'Test class', 1200),
    pace: bareWorkPace(),
    blocks: [{ ...newBlock('block-1', 'Work', items), flow }],
    ...change,
  };
  return {
    plan,
    timeline: timelineOf(
      plan,
      entries.map((e) => e.exercise),
    ),
  };
}

export function timelineOf(plan: Plan, exercises: readonly Exercise[]): Timeline {
  return buildTimeline({ plan, find: (revision) => exercises[Number.parseInt(revision, 16)] ?? null });
}
