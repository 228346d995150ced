import { type DoseRange, reps } from '@core/dose';
import type { Exercise, FootState, Phase, Place, Rung, SidePattern } from '@core/exercise';

const contact = (what: 'press' | 'rest' | 'hang', meets: 'floor' | 'air') => ({ contact: what, meets });

/** A foot that stands. */
export const standingFoot = (role: FootState['role']): FootState => ({
  role,
  contacts: {
    heel: contact('press', 'floor'),
    innerBall: contact('press', 'floor'),
    outerBall: contact('press', 'floor'),
    bigToe: contact('rest', 'floor'),
    smallToes: contact('rest', 'floor'),
  },
  midfoot: 'resting',
  edge: 'even',
  toes: 'long',
  ankle: 'neutral',
  heelHeightCm: 0,
  knee: 'soft',
  weightLine: 'even',
});

/** What the other foot does until somebody says it: it stands, but where both do the same. */
const otherFootFor = (sidePattern: SidePattern): FootState | null =>
  sidePattern === 'each' || sidePattern === 'alternate' ? standingFoot('stands') : null;

export function newPhase(id: string, name: string, sidePattern: SidePattern): Phase {
  return {
    id,
    name,
    undoName: null,
    seconds: 2,
    working: standingFoot('works'),
    other: otherFootFor(sidePattern),
    breath: 'free',
    picture: 'footprints',
    pressure: null,
  };
}

const range: DoseRange = { least: [reps(4)], usual: [reps(8)], most: [reps(12)], source: "Needlework's own" };

/** The page an instructor starts from: two phases on both feet, everything in words left to write. */
export function newExercise(): Exercise {
  const nothing = { plain: '', anatomical: '' };
  return {
    format: 2,
    id: '',
    name: nothing,
    family: 'toes',
    purpose: '',
    stage: 'active',
    directions: [],
    faults: [],
    cautions: [],
    cues: { setup: nothing, action: nothing, breath: null, picture: nothing, correction: nothing },
    foundBy: [],
    schools: {},
    performance: {
      position: 'standing',
      facing: 'any',
      sidePattern: 'both',
      kit: [],
      band: null,
      floor: 'any',
      floorsRuledOut: [],
      footwear: 'bare',
      setup: 'plain',
      phases: [newPhase('go', 'go', 'both'), newPhase('back', 'back', 'both')],
      regions: {},
      balance: { working: 0, standing: 0 },
      impactsPerRep: 0,
    },
    schoolVariants: [],
    doses: range,
    ladder: null,
  };
}

/** A new rung after the last: the same dose, an axis of its own to name. */
export function newRung(id: string, doses: DoseRange): Rung {
  return { id, name: '', axes: { support: '' }, why: null, change: {}, doses, gate: null };
}

/** Three rungs to begin a ladder with, from help to none. */
export function newLadder(doses: DoseRange): NonNullable<Exercise['ladder']> {
  const gate = { test: 'teacher-saw-it' as const, value: null, occasions: 1, words: 'Clean on both feet.' };
  const rungs: Rung[] = [
    { ...newRung('held', doses), name: 'both hands on a support', axes: { support: 'both hands' }, gate },
    { ...newRung('fingertips', doses), name: 'fingertips', axes: { support: 'fingertips' }, gate },
    { ...newRung('free', doses), name: 'hands free', axes: { support: 'none' } },
  ];
  return { startRung: 'held', rungs };
}

/** An id for a name: "Rise, twice" becomes rise-twice. */
export const idOf = (name: string): string =>
  name
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60);

/** An id that is not taken yet. */
export function freeId(wanted: string, taken: (id: string) => boolean): string {
  if (!taken(wanted)) return wanted;
  for (let n = 2; ; n++) if (!taken(`${wanted}-${n}`)) return `${wanted}-${n}`;
}

/** Phases that suit a side pattern: the other foot is told where one foot works, and where the two take turns. */
export function phasesFor(phases: readonly Phase[], sidePattern: SidePattern): Phase[] {
  const other = otherFootFor(sidePattern);
  return phases.map((phase) => ({ ...phase, other: other && (phase.other ?? other) }));
}

export const placeOrder: readonly Place[] = ['bigToe', 'smallToes', 'innerBall', 'outerBall', 'heel'];
