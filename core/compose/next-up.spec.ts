import { type Concern, type School, defaultSchool, differsFrom } from '../exercise';
import { type AnyItem, type Plan, addExercise, applyCommand, itemsOf, newPlan } from '../plan';
import { review } from '../sequence';
import { catalogueItem, findInCatalogue } from '../testing/catalogue-class';
import { catalogueOffers } from '../testing/twenty-briefs';
import { buildTimeline } from '../timeline';
import { type Offer, type Standing, nextUp } from '.';
import { placeInHour } from './shape';

const empty = (minutes: number, change: Partial<Plan> = {}): Plan => ({
  ...newPlan('plan-1', 'New class', minutes * 60),
  ...change,
});
const next = (plan: Plan, afterId: string | null = null) => nextUp(plan, afterId, catalogueOffers, findInCatalogue);

/** A newcomer takes what is offered, the first of it, until nothing is offered any more. */
function followed(plan: Plan): { readonly plan: Plan; readonly taken: readonly (Offer & Standing)[] } {
  const taken: (Offer & Standing)[] = [];
  let id = 0;
  for (let n = 0; n < 30; n++) {
    const [first] = next(plan);
    if (!first) break;
    taken.push(first);
    const { command } = addExercise(plan, null, first.exercise, first.revision, () => `own-${++id}`);
    const after = applyCommand(plan, command);
    if (!after.ok) throw new Error('an offer goes in');
    plan = after.value;
  }
  return { plan, taken };
}
const familyIn = ({ revision }: { readonly revision: string }) => findInCatalogue(revision)?.family;
const exerciseOf = ({ revision }: { readonly revision: string }) => findInCatalogue(revision)!;
const hardIn = (plan: Plan) =>
  review({ plan, timeline: buildTimeline({ plan, find: findInCatalogue }), nextId: () => 'x' }).filter(
    ({ severity }) => severity === 'hard',
  );

describe('what a class could go on with', () => {
  it('begins with a look at the feet, and with nothing else', () => {
    expect(next(empty(20))[0]).toMatchObject({ family: 'check', has: 0, of: 1 });
  });

  it.each([10, 20, 30, 60])('followed blindly, %i minutes come out in the order of an hour, safe and closed', (min) => {
    const { plan, taken } = followed(empty(min));
    const families = taken.map(({ family }) => placeInHour(family));
    expect(families).toEqual([...families].sort((a, b) => a - b));
    expect(taken[0]?.family).toBe('check');
    expect(taken.at(-1)?.exercise.id).toBe('walk-and-compare');
    expect(hardIn(plan)).toEqual([]);
    expect(new Set(itemsOf(plan).map(({ exerciseId }) => exerciseId)).size).toBe(taken.length);
  });

  it('fills no slot to bursting: near its end only the closing look is offered', () => {
    const { plan } = followed(empty(20));
    const open = { ...plan, blocks: plan.blocks.slice(0, -1), slotSeconds: 600 };
    expect(next(open).map(({ family }) => family)).toEqual(['close']);
  });

  it('says how many of a kind there are, and how many a class of this length usually has', () => {
    for (const { has, of } of followed(empty(60)).taken) expect(has).toBeLessThan(of);
  });

  it('goes on from the place that is chosen: what belongs before it is not put behind it', () => {
    const { plan } = followed(empty(60));
    const isOf = (family: string) => (item: AnyItem) =>
      item.kind !== 'talk' && findInCatalogue(item.revision)?.family === family;
    const upTo = plan.blocks.findIndex(({ items }) => items.some(isOf('arch')));
    const blocks = plan.blocks.slice(0, upTo + 1).filter(({ items }) => !items.some(isOf('toes')));
    const arch = blocks.flatMap(({ items }) => items).findLast(isOf('arch'))!;
    const offered = next({ ...plan, blocks }, arch.id);
    expect(offered.length).toBeGreaterThan(1);
    for (const { family } of offered) expect(placeInHour(family)).toBeGreaterThanOrEqual(placeInHour('arch'));
  });

  it('goes on behind talk as behind an exercise: what is offered is what would stand there', () => {
    const { plan } = followed(empty(60));
    const talk: AnyItem = { kind: 'talk', id: 'opening-words', name: 'Opening words', seconds: 60, note: '' };
    const [first, ...rest] = plan.blocks;
    const toes = (items: readonly AnyItem[]) => items.some((i) => i.kind !== 'talk' && familyIn(i) === 'toes');
    const blocks = [{ ...first!, items: [talk, ...first!.items] }, ...rest.filter(({ items }) => !toes(items))];
    const spoken = { ...plan, blocks };
    // right behind the opening words the looks follow: nothing that belongs later is put in front of them
    expect(next(spoken, talk.id)).toEqual([]);
    const mobile = blocks
      .flatMap(({ items }) => items)
      .findLast((i) => i.kind !== 'talk' && familyIn(i) === 'mobility')!;
    expect(next(spoken, mobile.id).map(({ family }) => family)).toEqual(['toes']);
    const asked = { ...catalogueItem('asked-1', 'walk-and-notice'), recheck: { of: null } };
    const early = { ...spoken, blocks: [...blocks.slice(0, 2), { ...blocks.at(-1)!, items: [asked] }] };
    expect([next(early), next(early, itemsOf(early).at(-2)!.id).length > 0]).toEqual([[], true]);
    // and behind the closing look nothing comes any more, though toes are missing
    expect(next(spoken)).toEqual([]);
  });

  it('tries it at the very place: eyes are not shut in front of the first stand with free hands, though behind it they may', () => {
    const { plan } = followed(empty(60));
    const upTo = plan.blocks.findIndex(({ items }) =>
      items.some((i) => i.kind !== 'talk' && familyIn(i) === 'balance'),
    );
    const stand = catalogueItem('stand-1', 'one-leg-stand');
    const free = { ...stand, rungId: exerciseOf(stand).ladder!.rungs.at(-1)!.id };
    const blocks = [...plan.blocks.slice(0, upTo), { ...plan.blocks[upTo]!, items: [free] }];
    const open = { ...plan, slotSeconds: 7200, blocks };
    const before = itemsOf({ blocks: plan.blocks.slice(0, upTo) }).at(-1)!;
    const shut = catalogueOffers.filter(({ exercise }) => exercise.id === 'eyes-shut-stand');
    const ids = (afterId: string) => nextUp(open, afterId, shut, findInCatalogue).map(({ exercise }) => exercise.id);
    expect([ids(before.id), ids(free.id)]).toEqual([[], ['eyes-shut-stand']]);
  });

  it('offers none that is a name so far: nobody could say how it is done', () => {
    const nothing = { plain: '', anatomical: '' };
    const named = catalogueOffers.map((offer) => ({
      ...offer,
      exercise: { ...offer.exercise, cues: { ...offer.exercise.cues, action: nothing } },
    }));
    expect(nextUp(empty(20), null, named, findInCatalogue)).toEqual([]);
  });

  it('a look again at one drill does not close the class', () => {
    const { plan } = followed(empty(60));
    const drilled = plan.blocks.slice(0, -1).map((block, at) => ({
      ...block,
      items: block.items.map((item) =>
        at === 1 && item.kind !== 'talk' ? { ...item, recheck: { of: itemsOf(plan)[0]!.id } } : item,
      ),
    }));
    expect(next({ ...plan, blocks: drilled }).map(({ family }) => family)).toContain('close');
  });

  it('tries each in the class first: eyes are not shut where nobody has stood with free hands', () => {
    const { plan } = followed(empty(30));
    const blocks = plan.blocks.slice(0, -2);
    const only = (id: string) => catalogueOffers.filter(({ exercise }) => exercise.id === id);
    const offered = (id: string) => nextUp({ ...plan, blocks }, null, only(id), findInCatalogue).length;
    expect([offered('eyes-shut-stand'), offered('one-leg-stand')]).toEqual([0, 1]);
  });

  it.each(['sore-achilles', 'sore-knees', 'pregnancy', 'very-mobile-joints'] as Concern[])(
    'with %s in the room nothing is offered that the review forbids',
    (concern) => {
      const plan = empty(30);
      const minded = { ...plan, brief: { ...plan.brief, concerns: [concern] } };
      expect(hardIn(followed(minded).plan)).toEqual([]);
    },
  );

  it('keeps to the teacher’s school', () => {
    const school: School = { ...defaultSchool, archWork: 'toes-grip', knees: 'soft' };
    const { taken } = followed(empty(60, { school }));
    expect(taken.some(({ family }) => family === 'arch')).toBe(true);
    for (const { exercise } of taken) expect(differsFrom(exercise, school)).toEqual([]);
  });
});
