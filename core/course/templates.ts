import { usualBrief } from '../compose/brief';
import type { Course, Phase, PhaseKind } from './course';

const phase = (
  kind: PhaseKind,
  weeks: readonly [least: number, most: number],
  sessions: number,
  mostAWeek: number | null = null,
): Phase => ({ kind, leastWeeks: weeks[0], mostWeeks: weeks[1], sessions, checks: [], mostAWeek });

export interface Template {
  readonly id: 'new-to-jumps' | 'jumps-already' | 'no-jumps';
  readonly name: string;
  readonly newToImpact: boolean;
  readonly phases: readonly Phase[];
}

/**
 * Where a course starts; all of it is there to be changed. Weeks: two to four of basics before anything unstable, three to
 * four more before small jumps (common practice, no source). How many classes that takes is Needlework's own: two a week
 * in those weeks, of which one may be missed.
 */
export const templates: readonly Template[] = [
  {
    id: 'new-to-jumps',
    name: 'Up to small jumps, for people new to them',
    newToImpact: true,
    phases: [
      phase('mobilise', [1, 2], 0),
      phase('strengthen', [1, 2], 1),
      phase('unstable', [3, 4], 3, 2),
      phase('jumps', [1, 4], 8, 2),
    ],
  },
  {
    id: 'jumps-already',
    name: 'For a troupe that jumps already',
    newToImpact: false,
    phases: [
      phase('mobilise', [0, 1], 0),
      phase('strengthen', [1, 2], 0),
      phase('unstable', [1, 3], 0, 2),
      phase('jumps', [1, 6], 0, 2),
    ],
  },
  {
    id: 'no-jumps',
    name: 'Without jumps',
    newToImpact: true,
    phases: [phase('mobilise', [1, 3], 0), phase('strengthen', [2, 6], 1), phase('unstable', [2, 6], 3, 2)],
  },
];

export const templateOf = (id: Template['id']): Template => {
  const found = templates.find((template) => template.id === id);
  if (!found) throw new RangeError('a template by this name');
  return found;
};

/** A course of twelve weeks with one class a week, to be filled in. */
export function newCourse(id: string, title: string, from: string, zone: string): Course {
  const { phases, newToImpact } = templateOf('new-to-jumps');
  return {
    format: 1,
    id,
    title,
    groupId: null,
    from,
    weeks: 12,
    weekly: [{ weekday: 2, time: '18:00', minutes: 30 }],
    zone,
    off: [],
    moved: [],
    taught: [],
    phases: [...phases],
    newToImpact,
    outside: { hours: 0, landings: 0 },
    mobiliseDays: 5,
    aims: [],
    brief: usualBrief,
    seed: 1,
    archived: false,
  };
}

export const phaseNames: Readonly<Record<PhaseKind, string>> = {
  mobilise: 'Mobilise',
  strengthen: 'Strengthen',
  unstable: 'Unstable ground',
  jumps: 'Small jumps',
};
