import { deepEqual } from 'fast-equals';
import { sayDose } from '../dose';
import type { Exercise } from '../exercise';
import { type AnyItem, type Item, type Plan, allItemsOf } from './plan';

/** Finds an exercise by its revision; null where it is not known. */
type Find = (revision: string) => Exercise | null;

/** What is said of an item where it is not its dose, level or place that changed. */
const asides: Readonly<Partial<Record<keyof Item, string>>> = {
  sides: 'sides',
  lead: 'first foot',
  easier: 'easier level',
  harder: 'harder level',
  heads: 'how many do which level',
  familiarity: 'how well it is known',
  check: 'check',
  substitutes: 'kit',
  floor: 'floor',
  inEachPass: 'when it is done',
  musicRunsOn: 'music',
  piece: 'piece of music',
  wornUntil: 'how long it is worn',
  locked: 'lock',
  priority: 'how much it matters',
  talk: 'talk',
  note: 'note',
  cues: 'words',
};

/**
 * What one state of a class has otherwise than an earlier one, a short sentence each, what matters most first: the
 * exercises that came and went, doses, levels, order, then the rest. Empty where nothing differs.
 */
export function differencesOf(before: Plan, after: Plan, find: Find): string[] {
  const name = (item: AnyItem) => (item.kind === 'talk' ? item.name : nameOf(item, after, find));
  const old = new Map(allItemsOf(before).map((item) => [item.id, item]));
  const now = new Map(allItemsOf(after).map((item) => [item.id, item]));
  const kept = [...now.values()].flatMap((item) => {
    const was = old.get(item.id);
    return was ? [[was, item] as const] : [];
  });
  return [
    ...[...now.values()].filter(({ id }) => !old.has(id)).map((item) => `${name(item)} added`),
    ...[...old.values()].filter(({ id }) => !now.has(id)).map((item) => `${name(item)} taken out`),
    ...kept.flatMap(([was, is]) => changesOf(was, is).map((change) => `${name(is)}: ${change}`)),
    ...movedItems(before, after).map((item) => `${name(item)} moved`),
    ...ofBlocks(before, after),
    ...ofClass(before, after),
  ];
}

const nameOf = ({ exerciseId, revision }: Item, { school }: Plan, find: Find): string =>
  find(revision)?.name[school.words] ?? exerciseId;

function changesOf(was: AnyItem, is: AnyItem): string[] {
  if (was.kind === 'talk' || is.kind === 'talk') {
    if (was.kind !== 'talk' || is.kind !== 'talk') return ['now something else'];
    return [
      ...(was.seconds === is.seconds ? [] : [`${was.seconds} s, now ${is.seconds} s`]),
      ...(was.name === is.name && was.note === is.note ? [] : ['what is said']),
    ];
  }
  const keys = Object.keys(asides) as (keyof Item)[];
  return [
    ...(deepEqual(was.dose, is.dose) ? [] : [doseChange(sayDose(was.dose, null), sayDose(is.dose, null))]),
    ...(was.rungId === is.rungId ? [] : ['level']),
    ...(was.revision === is.revision ? [] : ['version of the exercise']),
    ...keys.filter((key) => !deepEqual(was[key], is[key])).map((key) => asides[key] ?? key),
  ];
}

const doseChange = (was: string, is: string): string => (was === is ? 'tempo, rests or range' : `${was}, now ${is}`);

/** The fewest items that, taken out, leave the others in the same order and the same blocks. */
function movedItems(before: Plan, after: Plan): AnyItem[] {
  const place = new Map(allItemsOf(before).map(({ id }, i) => [id, i]));
  const both = allItemsOf(after).filter(({ id }) => place.has(id));
  const at = both.map(({ id }) => place.get(id) ?? 0);
  // the longest run of places that only goes up stays; the rest has moved
  const length: number[] = [];
  const from: number[] = [];
  at.forEach((own, i) => {
    let best = -1;
    for (let j = 0; j < i; j++)
      if ((at[j] ?? 0) < own && (length[j] ?? 0) > (best === -1 ? 0 : (length[best] ?? 0))) best = j;
    length.push(1 + (best === -1 ? 0 : (length[best] ?? 0)));
    from.push(best);
  });
  const stays = new Set<number>();
  for (let i = length.indexOf(Math.max(0, ...length)); i >= 0; i = from[i] ?? -1) stays.add(i);
  const blockOf = (plan: Plan, id: string) => plan.blocks.find((b) => b.items.some((item) => item.id === id))?.id;
  return both.filter(({ id }, i) => !stays.has(i) || blockOf(before, id) !== blockOf(after, id));
}

function ofBlocks(before: Plan, after: Plan): string[] {
  const old = new Map(before.blocks.map((block) => [block.id, block]));
  const gone = before.blocks.filter(({ id }) => !after.blocks.some((block) => block.id === id));
  return [
    ...after.blocks.flatMap((block) => {
      const was = old.get(block.id);
      if (!was) return [`block “${block.name}” added`];
      if (was.name !== block.name) return [`block “${was.name}” is now “${block.name}”`];
      const way = ({ flow, compare, secondOrder, floor }: typeof block) => [flow, compare, secondOrder, floor];
      return deepEqual(way(was), way(block)) ? [] : [`block “${block.name}”: how it is taught`];
    }),
    ...gone.map(({ name }) => `block “${name}” taken out`),
  ];
}

function ofClass(before: Plan, after: Plan): string[] {
  const differ = (key: keyof Plan) => !deepEqual(before[key], after[key]);
  return [
    ...(differ('title') ? [`“${before.title}” is now “${after.title}”`] : []),
    ...(differ('slotSeconds') ? [`slot ${before.slotSeconds / 60} min, now ${after.slotSeconds / 60} min`] : []),
    ...(differ('reservePercent') ? ['reserve'] : []),
    ...(differ('brief') ? ['who it is for, or the room'] : []),
    ...(differ('music') ? ['music'] : []),
    ...(differ('lead') ? ['the foot that starts'] : []),
    ...(differ('school') ? ['how it is taught'] : []),
    ...(differ('pace') ? ['pace'] : []),
    ...(differ('accepted') ? ['what was looked at and wanted so'] : []),
  ];
}
