import { type LeftOut, barOf } from '../compose';
import type { Exercise, School } from '../exercise';
import { type KitId, kitNames } from '../kit';
import type { Course, Phase } from './course';
import { type Door, type SoFar, doorsOf } from './doors';
import { type Climb } from './path';
import { heldOf, sessionsOf } from './sessions';
import { phaseNames } from './templates';

/** Something that keeps a course, or a part of it, from ever being; with the smallest change that was tried and cures it. */
export interface CourseFault {
  readonly code:
    | 'no-days'
    | 'all-off'
    | 'two-on-a-day'
    | 'outside'
    | 'door-never'
    | 'aim-lost'
    | 'aim-barred'
    | 'aim-below'
    | 'aim-not-reached';
  readonly words: string;
  /** Nothing can be planned at all. */
  readonly whole: boolean;
  readonly cure: { readonly words: string; readonly change: Partial<Course> } | null;
}

/** Longest course there is, weeks. */
const longest = 52;

/** What cannot be in a course as it is described; nothing of it is changed. */
export function faultsOf(
  course: Course,
  soFar: SoFar,
  climbs: readonly Climb[],
  exerciseOf: (id: string) => Exercise | null,
  school: School,
): CourseFault[] {
  if (course.weekly.length === 0)
    return [
      {
        code: 'no-days',
        words: 'There is no class in any week: say on which days it is.',
        whole: true,
        cure: {
          words: 'one on Tuesdays at 18:00',
          change: { weekly: [{ weekday: 2, time: '18:00', minutes: Math.round(course.brief.slotSeconds / 60) }] },
        },
      },
    ];
  const sessions = sessionsOf(course);
  const held = heldOf(sessions);
  if (held.length === 0)
    return [
      {
        code: 'all-off',
        words:
          sessions.length === 0
            ? 'No class falls on or after the first day within these weeks.'
            : `Every one of the ${sessions.length} dates is off: the house is closed, or there is a show, on all of them.`,
        whole: true,
        cure: cureBy(course, (so) => heldOf(sessionsOf(so)).length > 0, [
          ...longer(course),
          { words: 'no dates off', change: { off: [] } },
        ]),
      },
    ];
  return [
    ...outside(course),
    ...twoOnADay(course),
    ...neverOpen(course, soFar),
    ...aimsThatCannotBe(course, climbs, exerciseOf, school),
    ...notReached(course, climbs, school.words),
  ];
}

const longer = (course: Course) =>
  Array.from({ length: Math.max(0, longest - course.weeks) }, (_, i) => ({
    words: `${course.weeks + i + 1} weeks in the place of ${course.weeks}`,
    change: { weeks: course.weeks + i + 1 } satisfies Partial<Course>,
  }));

/** The first change after which it holds; each was tried. */
function cureBy(
  course: Course,
  holds: (course: Course) => boolean,
  ideas: readonly { readonly words: string; readonly change: Partial<Course> }[],
): CourseFault['cure'] {
  return ideas.find(({ change }) => holds({ ...course, ...change })) ?? null;
}

/** A class that was moved out of the weeks stands in no week and counts for none. */
const outside = (course: Course): CourseFault[] =>
  heldOf(sessionsOf(course)).flatMap(({ key, date, week }): CourseFault[] =>
    week >= 0 && week < course.weeks
      ? []
      : [
          {
            code: 'outside',
            words: `The class of ${key} was moved to ${date}, outside these weeks: it counts for none of them.`,
            whole: false,
            cure: { words: `back to ${key}`, change: { moved: course.moved.filter(({ from }) => from !== key) } },
          },
        ],
  );

function twoOnADay(course: Course): CourseFault[] {
  const held = heldOf(sessionsOf(course));
  return held.flatMap((session, i): CourseFault[] => {
    if (held[i - 1]?.date !== session.date) return [];
    const moved = [held[i - 1], session].find((one) => one?.moved);
    return [
      {
        code: 'two-on-a-day',
        words: `Two classes on ${session.date}: a day's load is counted once, and feet need the night between.`,
        whole: false,
        cure: moved
          ? {
              words: `back to ${moved.key}`,
              change: { moved: course.moved.filter(({ from }) => from !== moved.key) },
            }
          : null,
      },
    ];
  });
}

const shutIn = (course: Course, soFar: SoFar): Door[] =>
  doorsOf(course, sessionsOf(course), soFar).filter(({ opens }) => opens === null);

/** Doors that never open, in one: with the weeks that open all of them; else without what keeps the first one shut. */
function neverOpen(course: Course, soFar: SoFar): CourseFault[] {
  const shut = shutIn(course, soFar);
  const [door] = shut;
  if (!door) return [];
  const { kind } = door.phase;
  const fewer = course.phases.flatMap((phase, i) =>
    phase.kind === kind
      ? [
          ...(phase.sessions > 0
            ? [{ words: 'asking no number of classes', change: withPhase(course, i, { sessions: 0 }) }]
            : []),
          ...(phase.checks.length > 0
            ? [{ words: 'asking no level', change: withPhase(course, i, { checks: [] }) }]
            : []),
        ]
      : [],
  );
  const without = {
    words: `without “${phaseNames[kind]}”`,
    change: { phases: course.phases.filter((phase) => phase.kind !== kind) },
  };
  const cure =
    cureBy(course, (so) => shutIn(so, soFar).length === 0, longer(course)) ??
    cureBy(course, (so) => !shutIn(so, soFar).some(({ phase }) => phase.kind === kind), fewer) ??
    (course.phases.length > 1 ? without : null);
  const names = shut.map(({ phase }) => `“${phaseNames[phase.kind]}”`).join(' and ');
  return [
    {
      code: 'door-never',
      words: `${names} never ${shut.length === 1 ? 'opens' : 'open'}: ${whyShut(door)}.`,
      whole: false,
      cure,
    },
  ];
}

const withPhase = (course: Course, at: number, change: Partial<Phase>): Partial<Course> => ({
  phases: course.phases.map((phase, i) => (i === at ? { ...phase, ...change } : phase)),
});

/** Why a door is shut, in words. */
export function whyShut({ waits }: Pick<Door, 'waits'>): string {
  return waits
    .map((wait) => {
      switch (wait.code) {
        case 'weeks':
          return `it asks ${many(wait.needs, 'week')} of “${phaseNames[wait.of]}”, and there ${wait.has === 1 ? 'is' : 'are'} ${wait.has}`;
        case 'sessions':
          return `it asks ${many(wait.needs, 'class', 'classes')} before it, and there ${wait.has === 1 ? 'is' : 'are'} ${wait.has}`;
        case 'checks':
          return `it asks ${many(wait.levels.length, 'level')} that the group has not reached and does not reach by then`;
      }
    })
    .join('; ');
}

const many = (n: number, one: string, more = `${one}s`): string => `${n} ${n === 1 ? one : more}`;

function aimsThatCannotBe(
  course: Course,
  climbs: readonly Climb[],
  exerciseOf: (id: string) => Exercise | null,
  school: School,
): CourseFault[] {
  const { words } = school;
  const without = (exerciseId: string) => ({ aims: course.aims.filter((aim) => aim.exerciseId !== exerciseId) });
  return course.aims.flatMap(({ exerciseId, rungId }): CourseFault[] => {
    const exercise = exerciseOf(exerciseId);
    const rung = exercise?.ladder?.rungs.find(({ id }) => id === rungId);
    if (!exercise || !rung)
      return [
        {
          code: 'aim-lost',
          words: `One of the aims is not in the library any more${exercise ? `: “${exercise.name[words]}” has another ladder now` : ''}.`,
          whole: false,
          cure: { words: 'take it out', change: without(exerciseId) },
        },
      ];
    const climb = climbs.find((one) => one.exercise.id === exerciseId);
    if (!climb) return [];
    const name = `“${exercise.name[words]}”`;
    const stands = climb.exercise.ladder?.rungs[climb.from];
    const bar = barredOn(course, climb, school);
    if (bar) return [barredFault(course, name, bar, without(exerciseId))];
    if (climb.from > climb.to)
      return [
        {
          code: 'aim-below',
          words: `${name}: the group stands on “${stands?.name ?? ''}” already, above the aim. It stays where it is.`,
          whole: false,
          cure: stands
            ? {
                words: `aim at “${stands.name}”`,
                change: {
                  aims: course.aims.map((aim) => (aim.exerciseId === exerciseId ? { ...aim, rungId: stands.id } : aim)),
                },
              }
            : null,
        },
      ];
    return [];
  });
}

/** All ladders that end below their aims, in one: with the aims that these weeks hold. */
function notReached(course: Course, climbs: readonly Climb[], words: 'plain' | 'anatomical'): CourseFault[] {
  const short = climbs.flatMap(({ exercise, to, short: below }) =>
    below ? [{ exercise, below, reached: exercise.ladder?.rungs[to - below.levels] }] : [],
  );
  if (short.length === 0) return [];
  const by = new Map<string, string[]>();
  for (const { exercise, below } of short) {
    const said = `“${exercise.name[words]}” (${many(below.levels, 'level')})`;
    by.set(shortWords[below.because], [...(by.get(shortWords[below.because]) ?? []), said]);
  }
  const because = [...by].map(([why, names]) => `${names.join(', ')}: ${why}`).join('; ');
  const aims = course.aims.map((aim) => {
    const reached = short.find(({ exercise }) => exercise.id === aim.exerciseId)?.reached;
    return reached ? { ...aim, rungId: reached.id } : aim;
  });
  return [
    {
      code: 'aim-not-reached',
      words: `These weeks end below ${short.length === 1 ? 'an aim' : `${short.length} aims`}: ${because}.`,
      whole: false,
      cure: { words: 'aim at what they hold', change: { aims } },
    },
  ];
}

const shortWords: Readonly<Record<'weeks' | 'door' | 'phase', string>> = {
  weeks: 'one step up a week, over all ladders, is as much as these weeks hold',
  door: 'its next level opens after more weeks than there are',
  phase: 'its next level waits for a part of the course that does not begin before',
};

/** Why a ladder cannot be had on a level that the course gives it: its kit, its place, what people have. */
function barredOn(
  { brief }: Course,
  { exercise, at }: Climb,
  school: School,
): (Pick<LeftOut, 'why' | 'what'> & { readonly level: string }) | null {
  for (const index of new Set(at.values())) {
    const rung = exercise.ladder?.rungs[index];
    const bar = rung && barOf(exercise, rung.id, brief, { ...school, ...brief.school }, true);
    if (bar && 'why' in bar) return { ...bar, level: rung.name };
  }
  return null;
}

function barredFault(
  course: Course,
  name: string,
  { why, what, level }: Pick<LeftOut, 'why' | 'what'> & { readonly level: string },
  without: Partial<Course>,
): CourseFault {
  const kit = (Object.keys(kitNames) as KitId[]).find((id) => kitNames[id] === what);
  const because: Readonly<Partial<Record<LeftOut['why'], string>>> = {
    kit: `there ${what === '' ? 'is not the kit' : `are not enough of: ${what}`}`,
    place: 'the classes are not in that place',
    concern: `somebody has ${what}`,
    floor: `it is not for a floor of ${what}`,
    school: 'you teach it another way',
  };
  const { brief } = course;
  const cure =
    why === 'kit' && kit
      ? {
          words: `bring ${what}, one for each`,
          change: { brief: { ...brief, kit: { ...brief.kit, [kit]: Math.max(1, brief.people ?? 1) } } },
        }
      : { words: 'leave that ladder out', change: without };
  return {
    code: 'aim-barred',
    words: `${name} on “${level}” cannot be had: ${because[why] ?? 'it is not for these people'}.`,
    whole: false,
    cure,
  };
}
