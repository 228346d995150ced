import * as z from 'zod';

/** Every piece of kit a foot class uses. Ids are permanent: plans and logs store them. */
export const KitId = z.enum([
  'band',
  'long-loop',
  'strap',
  'soft-ball',
  'firm-ball',
  'roller',
  'cloth',
  'paper',
  'small-objects',
  'bowl',
  'block',
  'beam',
  'step',
  'slope',
  'cushion',
  'half-ball',
  'rope',
  'stick',
  'chair',
  'wall',
  'mat',
  'mirror',
  'toe-spacers',
  'barre',
  'anchor',
  'metronome',
]);
export type KitId = z.infer<typeof KitId>;

export const kitNames: Readonly<Record<KitId, string>> = {
  band: 'band',
  'long-loop': 'long loop',
  strap: 'strap',
  'soft-ball': 'small soft ball',
  'firm-ball': 'firm ball',
  roller: 'roller',
  cloth: 'cloth or towel',
  paper: 'sheet of paper',
  'small-objects': 'small objects',
  bowl: 'bowl',
  block: 'block',
  beam: 'low beam',
  step: 'step',
  slope: 'slope',
  cushion: 'cushion',
  'half-ball': 'half-ball',
  rope: 'skipping rope',
  stick: 'stick',
  chair: 'chair',
  wall: 'wall in reach',
  mat: 'mat',
  mirror: 'mirror',
  'toe-spacers': 'toe spacers',
  barre: 'barre',
  anchor: 'firm anchor for a band',
  metronome: 'metronome',
};

/** Part of the room, not carried: nobody fetches a wall, a mirror or a barre; the teacher has the metronome. */
const fixtures: ReadonlySet<KitId> = new Set<KitId>(['wall', 'mirror', 'barre', 'anchor', 'metronome']);
export const isFetched = (kit: KitId): boolean => !fixtures.has(kit);

/** Stands or lies where it is used: nobody reaches for it, one goes to it. */
const inPlace: ReadonlySet<KitId> = new Set<KitId>(['chair', 'mat', 'step', 'slope', 'half-ball', 'block', 'beam']);
export const standsInPlace = (kit: KitId): boolean => inPlace.has(kit);

/** Stays on the foot by itself, so that the class can go on to something else. */
export const isWorn = (kit: KitId): boolean => kit === 'toe-spacers';

/** One line of an exercise's kit list. `count` is pieces per person, or pieces in the room when shared. */
export const KitNeed = z.strictObject({
  kit: KitId,
  per: z.enum(['person', 'room']),
  count: z.int().min(1).max(40),
  /** What may stand in for it, and what the swap changes, in the teacher's words. */
  substitutes: z.array(z.strictObject({ kit: KitId, changes: z.string().min(1).max(200) })),
});
export type KitNeed = z.infer<typeof KitNeed>;
