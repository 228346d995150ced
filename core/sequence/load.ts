import { type Region, Region as regions, regionNames } from '../exercise';
import { added, moved } from './mend';
import { type Place, type Rule, rule } from './rule';

const heavy = 2;
const eases = (place: Place) =>
  place.execution.exercise.family === 'release' ||
  (place.execution.exercise.family === 'close' && place.execution.exercise.stage === 'passive');

interface Runs {
  /** For each region: the items that have loaded it one after the other; a band block or a ring counts once. */
  readonly by: ReadonlyMap<Region, readonly Place[]>;
  readonly last: Place | null;
}
const oneGo = (a: Place | null, b: Place) =>
  a !== null &&
  a.block.id === b.block.id &&
  ((a.execution.band !== null && b.execution.band !== null) ||
    (b.block.flow === 'by-foot' && a.execution.sidePattern === 'each' && b.execution.sidePattern === 'each'));

/** No region heavily loaded three items running. */
export const regionRun: Rule = rule({
  id: 'region-run',
  severity: 'soft',
  reason: 'The same part three items running tires it without training it better; a change in between lets it answer.',
  begin: (): Runs => ({ by: new Map(), last: null }),
  take: ({ by, last }: Runs, place, context) => {
    const next = new Map<Region, readonly Place[]>();
    const breaches = regions.options.flatMap((region) => {
      if ((place.execution.regions[region] ?? 0) < heavy || region === 'hip-and-trunk') return [];
      // Three arch items running are the next rule's business: it asks for something that lets go.
      if (region === 'arch-intrinsics') return [];
      const run = by.get(region) ?? [];
      const goesOn = oneGo(last, place) && run.at(-1) === last;
      const longer = goesOn ? [...run.slice(0, -1), place] : [...run, place];
      next.set(region, longer);
      if (longer.length !== 3 || (goesOn && run.length === 3)) return [];
      const other = context.places.find(
        (p) => p.index > place.index && (p.execution.regions[region] ?? 0) < heavy && !p.item.locked,
      );
      return [
        {
          itemIds: longer.map((p) => p.item.id),
          about: region,
          words: `${regionNames[region][0]} three items running, up to ${place.name}.`,
          weight: longer.reduce((ms, p) => ms + p.time.workMs, 0) / 1000,
          mend: () =>
            other?.block.id === place.block.id
              ? moved(other, 'before', place)
              : other
                ? moved(place, 'after', other)
                : added(context, 'loose-ankle-shake', 'before', place),
        },
      ];
    });
    return { state: { by: next, last: place }, breaches: breaches.slice(0, 1) };
  },
});

/** No third arch-burning item without a shake or a release. */
export const archThird: Rule = rule({
  id: 'arch-third',
  severity: 'soft',
  reason: 'Arch work cramps: after two such items comes something that lets go.',
  begin: (): readonly Place[] => [],
  take: (burning: readonly Place[], place, context) => {
    if (eases(place)) return { state: [] };
    if ((place.execution.regions['arch-intrinsics'] ?? 0) < heavy) return { state: burning };
    const now = [...burning, place];
    if (now.length < 3) return { state: now };
    return {
      state: [],
      breaches: [
        {
          itemIds: now.map((p) => p.item.id),
          words: `${place.name} is the third arch-burning item without letting go.`,
          mend: () =>
            added(
              context,
              place.execution.position.endsWith('seated') ? 'let-the-feet-lie' : 'loose-ankle-shake',
              'before',
              place,
            ),
        },
      ],
    };
  },
});

/** A minute at this load leaves a calf unsteady (Needlework's own figure). */
const tiredMs = 60_000;

/** Demanding balance not straight after calf fatigue. */
export const balanceAfterCalf: Rule = rule({
  id: 'balance-after-calf',
  severity: 'soft',
  reason: 'Tired calves wobble. Wanted for dancers sometimes; for most people the stand comes first.',
  begin: (): Place | null => null,
  take: (last: Place | null, place) => {
    const tired =
      last !== null &&
      last.execution.exercise.family === 'strength' &&
      Math.max(last.execution.regions.calf ?? 0, last.execution.regions['deep-calf'] ?? 0) >= 3 &&
      last.time.workMs >= tiredMs;
    const demanding = place.execution.balance.working >= 2 && place.execution.exercise.family === 'balance';
    return {
      state: place,
      breaches:
        tired && demanding && last
          ? [
              {
                itemIds: [last.item.id, place.item.id],
                words: `${place.name} comes straight after ${last.name}.`,
                mend: () => moved(place, 'before', last),
              },
            ]
          : [],
    };
  },
});

/** One leg carries no longer than this while the other one is worked (Needlework's own figure). */
const longestStandMs = 180_000;

interface Standing {
  readonly leg: 'left' | 'right' | null;
  readonly ms: number;
  readonly places: readonly Place[];
}

/** The standing leg's load: both feet work. Read from the visits in time, so a ring counts as it is taught. */
export const standingLeg: Rule = rule({
  id: 'standing-leg',
  severity: 'soft',
  reason: 'The standing leg works all that time. A sore standing ankle matters, and balance fades.',
  begin: () => null,
  take: (state: null) => ({ state }),
  end: (_, context) => {
    const spans = new Map<string, { startMs: number; endMs: number }>();
    for (const { itemId, activity, feet, startMs, endMs } of context.timeline.events) {
      if (activity !== 'work' || (feet !== 'left' && feet !== 'right')) continue;
      const known = spans.get(`${itemId ?? ''} ${feet}`);
      spans.set(`${itemId ?? ''} ${feet}`, { startMs: known?.startMs ?? startMs, endMs });
    }
    const visits = context.places
      .flatMap((place) => {
        const sides = (['left', 'right'] as const).flatMap((feet) => {
          const span = spans.get(`${place.item.id} ${feet}`);
          return span ? [{ ...span, feet, place }] : [];
        });
        return sides.length > 0 ? sides : place.time.visits.map((v) => ({ ...v, place }));
      })
      .sort((a, b) => a.startMs - b.startMs);
    let now: Standing = { leg: null, ms: 0, places: [] };
    let worst: Standing = now;
    for (const { startMs, endMs, feet, place } of visits) {
      const stands = place.execution.balance.standing >= 1 && (feet === 'left' || feet === 'right');
      const leg = stands
        ? place.execution.phases[0]?.other?.role === 'rests'
          ? feet
          : feet === 'left'
            ? 'right'
            : 'left'
        : null;
      now =
        leg !== null && leg === now.leg
          ? { leg, ms: now.ms + endMs - startMs, places: [...now.places, place] }
          : { leg, ms: leg ? endMs - startMs : 0, places: leg ? [place] : [] };
      if (now.ms > worst.ms) worst = now;
    }
    if (worst.ms <= longestStandMs || worst.leg === null) return [];
    const block = worst.places[0]?.block;
    const minutes = `${Math.floor(worst.ms / 60_000)}:${String(Math.round((worst.ms % 60_000) / 1000)).padStart(2, '0')}`;
    return [
      {
        itemIds: [...new Set(worst.places.map((p) => p.item.id))],
        words: `The ${worst.leg} leg stands for ${minutes} without a change.`,
        weight: worst.ms / 1000,
        mend: () =>
          block?.flow === 'by-foot'
            ? {
                words: 'Teach the block exercise by exercise',
                command: { type: 'edit-block', blockId: block.id, change: { flow: 'by-exercise' } },
              }
            : null,
      },
    ];
  },
});
