import { type Exercise, type School, defaultSchool, startingRung } from '../exercise';
import { noMusic } from './music';
import { type Pace, defaultPace } from './pace';
import { type AnyItem, type Block, type Item, type Plan, allItemsOf, longestTitle, otherSide } from './plan';
import { plainRoom } from './room';
import { schoolDose } from './school-dose';

/** Gives ids; passed in, so that core has no randomness of its own. */
export type NextId = () => string;

/** An empty class: the page an instructor starts from. */
export function newPlan(
  id: string,
  title: string,
  slotSeconds: number,
  school: School = defaultSchool,
  pace: Pace = defaultPace(),
): Plan {
  return {
    format: 10,
    id,
    title,
    brief: {
      audience: 'mixed',
      purpose: '',
      idea: '',
      ideaTie: null,
      groupId: null,
      people: null,
      floor: 'wood',
      kitOut: 'before',
      cupboard: {},
      concerns: [],
      teacherAt: 'walks',
      teachers: 1,
      room: plainRoom,
    },
    slotSeconds,
    reservePercent: 5,
    lead: 'left',
    music: noMusic,
    school,
    pace,
    blocks: [],
    accepted: [],
  };
}

/** A block; the school says whether it is taught foot by foot. */
export function newBlock(
  id: string,
  name: string,
  items: AnyItem[] = [],
  sides: School['sides'] = 'by-exercise',
): Block {
  return {
    id,
    name,
    flow: sides === 'by-foot' ? 'by-foot' : 'by-exercise',
    compare: true,
    secondOrder: 'same',
    floor: null,
    items,
  };
}

/** An item on the rung where most people begin, at its usual dose, both as the teacher's school has it. */
export function newItem(id: string, exercise: Exercise, revision: string, school: School = defaultSchool): Item {
  const rung = startingRung(exercise, school);
  const phases = rung?.change.phases ?? exercise.performance.phases;
  return {
    kind: 'exercise',
    id,
    exerciseId: exercise.id,
    revision,
    rungId: rung?.id ?? null,
    easier: null,
    harder: null,
    heads: null,
    dose: schoolDose(
      rung?.doses ?? exercise.doses,
      phases.map((phase) => phase.seconds),
      school.dose,
    ),
    sides: { mode: 'equal' },
    lead: null,
    familiarity: 'known',
    recheck: null,
    check: null,
    inEachPass: false,
    substitutes: [],
    floor: null,
    musicRunsOn: false,
    piece: null,
    wornUntil: null,
    locked: false,
    priority: 2,
    talk: { beforeSeconds: null, overSeconds: 0 },
    note: '',
    because: '',
    cues: {},
  };
}

/** The name of a class that comes from another; a name that is too long is cut before what is added to it. */
const named = ({ title }: Plan, ending: string): string =>
  `${title.slice(0, longestTitle - ending.length - 2)}, ${ending}`;

/** A class exactly as it is, as one of its own beside where it comes from: only its name and its id are others. */
export const classOfItsOwn = (plan: Plan, ending: string, id: string): Plan => ({
  ...plan,
  id,
  title: named(plan, ending),
});

/** A copy of a class to teach again: new ids, and the other foot leads, since the lead side alternates. */
export function copyOfPlan(plan: Plan, nextId: NextId): Plan {
  const lead = otherSide(plan.lead);
  const ids = new Map(allItemsOf(plan).map((item) => [item.id, nextId()]));
  const copied = (id: string): string => ids.get(id) ?? nextId();
  return {
    ...plan,
    id: nextId(),
    title: named(plan, 'again'),
    lead,
    accepted: [],
    blocks: plan.blocks.map((block) => ({
      ...block,
      id: nextId(),
      items: block.items.map((item) =>
        item.kind === 'talk'
          ? { ...item, id: copied(item.id) }
          : {
              ...item,
              id: copied(item.id),
              because: '',
              recheck: item.recheck && { of: item.recheck.of === null ? null : copied(item.recheck.of) },
              wornUntil: item.wornUntil && copied(item.wornUntil),
            },
      ),
    })),
  };
}
