import * as z from 'zod';

/** The five places where a foot meets something. */
export const Place = z.enum(['heel', 'innerBall', 'outerBall', 'bigToe', 'smallToes']);
export type Place = z.infer<typeof Place>;
export const places = Place.options;

export const placeNames: Readonly<Record<Place, string>> = {
  heel: 'heel',
  innerBall: 'inner ball',
  outerBall: 'outer ball',
  bigToe: 'big toe',
  smallToes: 'small toes',
};

export const anatomicalPlaceNames: Readonly<Record<Place, string>> = {
  heel: 'calcaneus',
  innerBall: 'first metatarsal head',
  outerBall: 'fifth metatarsal head',
  bigToe: 'hallux',
  smallToes: 'lesser digits',
};

/** What a place does: presses, only rests, is lifted on purpose, or hangs free. */
export const Contact = z.enum(['press', 'rest', 'lift', 'hang'], { error: 'unknown-contact' });
export type Contact = z.infer<typeof Contact>;

/** What the place meets. */
export const Meets = z.enum(
  [
    'floor',
    'band',
    'ball',
    'block',
    'step',
    'slope',
    'cushion',
    'half-ball',
    'cloth',
    'paper',
    'strap',
    'object',
    'hand',
    'leg',
    'air',
  ],
  { error: 'unknown-meets' },
);
export type Meets = z.infer<typeof Meets>;

export const PlaceContact = z
  .strictObject({ contact: Contact, meets: Meets })
  .refine((c) => (c.contact === 'press' || c.contact === 'rest' ? c.meets !== 'air' : true), {
    error: 'presses-on-air',
  });
export type PlaceContact = z.infer<typeof PlaceContact>;

/** Where a hand helps or leads: it is drawn there, and said. */
export const HandPlace = z.enum([
  'big toe',
  'small toes',
  'between the toes',
  'ball of the foot',
  'sole',
  'heel',
  'ankle',
  'shin',
]);
export type HandPlace = z.infer<typeof HandPlace>;

/** What one foot is doing: both working and standing feet work. */
export const FootRole = z.enum(['works', 'stands', 'anchors', 'rests']);
export type FootRole = z.infer<typeof FootRole>;

/**
 * The state of one foot at the end of a phase. `turned-in` is inversion (sole faces the midline, weight to the outer
 * edge), `turned-out` is eversion; nothing stores a bare "in" or "out".
 */
export const FootState = z.strictObject({
  role: FootRole,
  contacts: z.strictObject({
    heel: PlaceContact,
    innerBall: PlaceContact,
    outerBall: PlaceContact,
    bigToe: PlaceContact,
    smallToes: PlaceContact,
  }),
  midfoot: z.enum(['lifted', 'resting', 'let-down']),
  /** What the middle of the sole does, where it meets something: a ball under the arch. */
  middle: PlaceContact.optional(),
  /** Where a hand is, while it helps. */
  hands: z.array(HandPlace).min(1).max(3).optional(),
  /** The edge that carries the weight. */
  edge: z.enum(['even', 'inner', 'outer']),
  /** On their tops: the toenails look at the floor, as behind somebody who kneels. */
  toes: z.enum(['long', 'curled', 'spread', 'relaxed', 'on-tops']),
  ankle: z.enum(['up', 'down', 'turned-in', 'turned-out', 'neutral']),
  heelHeightCm: z.number().min(0).max(20),
  knee: z.enum(['locked', 'soft', 'bent']),
  /** The line the weight follows over the front of the foot; none where the foot bears no weight. */
  weightLine: z.enum(['first-toe', 'between-first-and-second', 'second-toe', 'even', 'none']),
});
export type FootState = z.infer<typeof FootState>;

/** What differs of a foot's state: only what is named changes. */
export const FootChange = FootState.omit({ role: true })
  .partial()
  .extend({ contacts: z.partialRecord(Place, PlaceContact).optional() });
export type FootChange = z.infer<typeof FootChange>;

export const changedFoot = (from: FootState, { contacts, ...rest }: FootChange): FootState => ({
  ...from,
  ...rest,
  contacts: { ...from.contacts, ...contacts },
});

/** Pressure on a tool, as a share of body weight in per cent, and how far the next stop lies. */
export const Pressure = z.strictObject({
  bodyWeightPercent: z.number().min(0).max(100).nullable(),
  shiftCm: z.number().min(0).max(10).nullable(),
});

/** One step of a repetition, or the whole of a hold. */
export const Phase = z.strictObject({
  /** Permanent within the exercise. */
  id: z.string().min(1).max(40),
  name: z.string().min(1).max(60),
  /** What this phase is called when the order is undone backwards; null where that makes no sense. */
  undoName: z.string().min(1).max(60).nullable(),
  seconds: z.number().min(0.25, { error: 'phase-no-length' }).max(120),
  working: FootState,
  /** The other foot while one works, or while the two do different things in turn; null where both do the same. */
  other: FootState.nullable(),
  breath: z.enum(['in', 'out', 'free']),
  /** True while working against load, false on the way back; left out where neither says anything. */
  effort: z.boolean().optional(),
  /** Whether the body rises or sinks; left out where it stays level. */
  body: z.enum(['rises', 'sinks']).optional(),
  /** Footprints seen from above, or an ankle where nothing bears weight. */
  picture: z.enum(['footprints', 'ankle-side', 'ankle-front']),
  pressure: Pressure.nullable(),
});
export type Phase = z.infer<typeof Phase>;

/**
 * The phases undone backwards. A wave (toes down, foot down, toes up, foot up) backwards is foot down, toes down,
 * foot up, toes up; a four-part point is its own reverse.
 * @returns null when a phase has no name for being undone
 */
export function reversePhases(phases: readonly Phase[]): Phase[] | null {
  const last = phases.length - 1;
  const reversed: Phase[] = [];
  for (let i = last; i >= 0; i--) {
    const undone = phases[i];
    const endsAs = phases[i === 0 ? last : i - 1];
    if (!undone || !endsAs || undone.undoName === null) return null;
    reversed.push({
      ...endsAs,
      id: `${undone.id}-undone`,
      name: undone.undoName,
      undoName: undone.name,
      seconds: undone.seconds,
      breath: undone.breath === 'in' ? 'out' : undone.breath === 'out' ? 'in' : 'free',
      effort: undone.effort === undefined ? undefined : !undone.effort,
      body: undone.body === undefined ? undefined : undone.body === 'rises' ? 'sinks' : 'rises',
    });
  }
  return reversed;
}
