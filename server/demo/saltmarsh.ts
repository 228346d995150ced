import { type Dose, breaths, counts, holds, passes, reps, stops, timed, travel } from '@core/dose';
import { type AnyItem, type Block, type Item, type Plan, newBlock, newItem, newPlan } from '@core/plan';
import type { Server } from '../compose';

/**
 * Saltmarsh Hall, an invented harbour hall: a step-dance troupe rehearses there, and ferry crew and neighbours take
 * lunchtime classes. Everybody in it is made up.
 */
interface Entry extends Partial<Omit<Item, 'id' | 'exerciseId' | 'revision' | 'dose'>> {
  readonly of: string;
  readonly dose?: Dose;
}
interface Spoken {
  readonly say: string;
  readonly seconds: number;
  readonly note: string;
}
interface DemoBlock {
  readonly name: string;
  readonly flow?: Block['flow'];
  readonly entries: readonly (Entry | Spoken)[];
  /** The first entry is worn through so many of those after it. */
  readonly wornThrough?: number;
}
interface DemoClass {
  readonly title: string;
  readonly slotMinutes: number;
  readonly brief: Partial<Plan['brief']>;
  readonly lead?: Plan['lead'];
  readonly pieces?: Plan['music']['pieces'];
  readonly blocks: readonly DemoBlock[];
}

const fresh = { familiarity: 'new' } as const;

export const demoClasses: readonly DemoClass[] = [
  {
    title: 'Five minutes before the reel',
    slotMinutes: 5,
    brief: { audience: 'dancers', people: 14, purpose: 'Wake toes and calves in the wings, without chairs or kit.' },
    pieces: [{ id: 'harbour-reel', title: 'Harbour reel', beatsPerMinute: 104, seconds: 95 }],
    blocks: [
      {
        name: 'Wake',
        entries: [
          { of: 'ankle-circles', dose: [reps(5, { per: { directions: 2 } })] },
          { of: 'easy-stepping', dose: [counts(4, 8, 104)], piece: 'harbour-reel' },
          { of: 'two-foot-rise', rungId: 'free', dose: [reps(16)] },
          { of: 'half-toe-walk', dose: [travel(2, 20, 88)] },
        ],
      },
    ],
  },
  {
    title: 'Ten minutes at the ferry desk',
    slotMinutes: 10,
    brief: {
      audience: 'general',
      people: 5,
      purpose: 'Seated, shoes off under the desk, between two sailings.',
      floor: 'carpet',
    },
    lead: 'right',
    blocks: [
      { name: 'Look', entries: [{ of: 'walk-and-notice', dose: [timed(20)] }] },
      {
        name: 'Toes',
        flow: 'by-foot',
        entries: [
          { of: 'big-toe-up', rungId: 'hand-holds', dose: [reps(10)] },
          { of: 'four-toes-up', rungId: 'hand-holds', dose: [reps(10)] },
          { of: 'seated-toes-tucked', dose: [holds(2, 30, 5)] },
        ],
      },
      {
        name: 'Close',
        entries: [
          { of: 'lay-down-one-by-one', dose: [reps(5)] },
          { of: 'short-foot', rungId: 'seated', dose: [holds(5, 5, 5)] },
          { of: 'spread-and-narrow', dose: [reps(8)] },
          { of: 'let-the-feet-lie', dose: [breaths(5, 5)] },
          { of: 'walk-and-compare', dose: [timed(20)], recheck: { of: null } },
        ],
      },
    ],
  },
  {
    title: 'Thursday lunch: quiet ankles',
    slotMinutes: 20,
    brief: {
      audience: 'mixed',
      people: 11,
      groupId: 'demo-lunch',
      purpose: 'Ferry crew and neighbours: steady outer ankles on a moving deck.',
    },
    blocks: [
      { name: 'Look', entries: [{ of: 'walk-and-notice' }, { of: 'read-the-tripod', dose: [timed(45)] }] },
      { name: 'Release', entries: [{ of: 'ball-along-the-sole', dose: [passes(10, 6)] }] },
      {
        name: 'Wake',
        entries: [{ of: 'lay-down-one-by-one', dose: [reps(5)], talk: { beforeSeconds: null, overSeconds: 15 } }],
      },
      {
        name: 'Band',
        entries: [
          {
            of: 'band-turn-out',
            rungId: 'light',
            dose: [reps(12)],
            easier: { rungId: 'no-band' },
            harder: { rungId: 'firm' },
            ...fresh,
          },
          { of: 'band-turn-in', dose: [reps(12)] },
        ],
      },
      {
        name: 'Stand',
        entries: [
          { of: 'two-foot-rise', rungId: 'fingertips', dose: [reps(12, { sets: 2, setRest: 15 })] },
          {
            of: 'one-leg-stand',
            rungId: 'three-fingers',
            dose: [holds(1, 45, 5)],
            easier: { rungId: 'five-fingers' },
            harder: { rungId: 'one-finger' },
          },
        ],
      },
      {
        name: 'Close',
        entries: [
          { of: 'calf-stretch-bent-knee', dose: [holds(2, 30, 5)] },
          { of: 'walk-and-compare', recheck: { of: null } },
        ],
      },
    ],
  },
  {
    title: 'Arches for long days on deck',
    slotMinutes: 20,
    brief: {
      audience: 'general',
      people: 9,
      purpose: 'For people who stand at work: the arch in three ways, with rests.',
      floor: 'tile',
    },
    lead: 'right',
    blocks: [
      { name: 'Look', entries: [{ of: 'walk-and-notice' }] },
      { name: 'Release', entries: [{ of: 'sore-spot-wait', dose: [stops(6, 10, 3)] }] },
      {
        name: 'Arch',
        entries: [
          { of: 'short-foot', rungId: 'seated', dose: [holds(4, 5, 5)], harder: { rungId: 'standing' } },
          { of: 'let-the-feet-lie', dose: [holds(1, 15, 0)] },
          { of: 'towel-gather', dose: [reps(10, { sets: 2, setRest: 15 })] },
          {
            of: 'strap-press-inner',
            dose: [holds(1, 30, 5, { sets: 3, setRest: 5 })],
            sides: { mode: 'extra-set', weaker: 'left' },
          },
        ],
      },
      {
        name: 'Close',
        entries: [
          { of: 'calf-stretch-straight-knee', dose: [holds(2, 30, 5)] },
          { of: 'calf-stretch-bent-knee', dose: [holds(2, 30, 5)] },
          { of: 'walk-and-compare', recheck: { of: null } },
        ],
      },
    ],
  },
  {
    title: 'Troupe: long points, clean rises',
    slotMinutes: 45,
    brief: {
      groupId: 'demo-troupe',
      audience: 'dancers',
      people: 16,
      purpose: 'Before the harvest show: pointing without crunched toes, heels that stay hidden.',
      idea: 'The inner ball stays heavy.',
      ideaTie: { kind: 'listed', id: 'inner-ball' },
      room: { formation: 'rows', mirror: 'front', wall: null },
    },
    blocks: [
      { name: 'Look', entries: [{ of: 'walk-and-notice' }, { of: 'big-toe-bend-by-hand', dose: [reps(4)] }] },
      {
        name: 'Release',
        entries: [
          { of: 'ball-along-the-sole', dose: [passes(8, 6)] },
          { of: 'laced-fingers-squeeze' },
          { of: 'knee-to-wall', dose: [reps(15)] },
        ],
      },
      {
        name: 'Toes',
        flow: 'by-foot',
        entries: [
          { of: 'big-toe-up', rungId: 'free', dose: [reps(8)] },
          { of: 'four-toes-up', rungId: 'free', dose: [reps(8)] },
          { of: 'toe-split-hold', dose: [holds(1, 10, 3, { per: { directions: 2 } })], ...fresh },
        ],
      },
      {
        name: 'Arch',
        entries: [
          { of: 'short-foot', rungId: 'standing', dose: [holds(4, 10, 5)] },
          { of: 'strap-press-inner', dose: [holds(1, 30, 5, { sets: 3, setRest: 5 })], ...fresh },
        ],
      },
      {
        name: 'Band',
        flow: 'by-foot',
        entries: [
          { of: 'four-part-point', dose: [reps(6)] },
          { of: 'band-four-part-point', dose: [reps(12)] },
        ],
      },
      {
        name: 'Rises',
        entries: [
          { of: 'two-foot-rise', rungId: 'free', dose: [reps(16, { sets: 2, setRest: 15 })] },
          { of: 'ball-held-rise', dose: [reps(12, { sets: 2, setRest: 15 })], ...fresh },
          { of: 'bend-heels-up-straighten', dose: [reps(8)] },
          { of: 'single-leg-rise', dose: [reps(15)], sides: { mode: 'weaker-first', weaker: 'left' } },
        ],
      },
      {
        name: 'Stand',
        entries: [
          { of: 'one-leg-stand', rungId: 'free', dose: [holds(1, 30, 5)] },
          { of: 'eyes-shut-stand', dose: [holds(3, 10, 5)] },
        ],
      },
      {
        name: 'Close',
        entries: [
          { of: 'calf-stretch-straight-knee', dose: [holds(2, 30, 5)] },
          { of: 'calf-stretch-bent-knee', dose: [holds(2, 30, 5)] },
          { of: 'half-toe-walk', dose: [travel(2, 20, 80)] },
          { of: 'walk-and-compare', recheck: { of: null } },
        ],
      },
    ],
  },
  {
    title: 'Saturday workshop: the whole foot',
    slotMinutes: 60,
    brief: { audience: 'mixed', people: 18, purpose: 'Neighbours and dancers together: everything once, unhurried.' },
    lead: 'right',
    blocks: [
      {
        name: 'Look',
        entries: [
          {
            say: 'Opening words',
            seconds: 90,
            note: 'Who stood long this week? Anything new or sore: tell me before we begin.',
          },
          { of: 'walk-and-notice', dose: [timed(30)] },
          { of: 'read-the-tripod', dose: [timed(60)], ...fresh },
        ],
      },
      {
        name: 'Release',
        entries: [
          { of: 'ball-along-the-sole', dose: [passes(8, 6)], ...fresh },
          { of: 'lean-and-shift', dose: [stops(10, 2, 2)] },
        ],
      },
      {
        name: 'Loosen',
        entries: [
          { of: 'toe-turns', ...fresh },
          { of: 'ankle-circles', dose: [reps(5, { per: { directions: 2 } })] },
          { of: 'toe-wave', dose: [reps(12)], ...fresh },
          { of: 'knee-to-wall', dose: [reps(15)] },
        ],
      },
      {
        name: 'Toes and arch',
        entries: [
          { of: 'big-toe-up', rungId: 'hand-holds', dose: [reps(6)], ...fresh },
          { of: 'four-toes-up', rungId: 'hand-holds', dose: [reps(6)], ...fresh },
          { of: 'spread-and-narrow', dose: [reps(8)] },
          {
            of: 'short-foot',
            rungId: 'standing',
            dose: [holds(4, 10, 5)],
            easier: { rungId: 'seated' },
            harder: { rungId: 'one-foot' },
            ...fresh,
          },
          { of: 'strap-press-inner', dose: [holds(1, 30, 5, { sets: 3, setRest: 5 })], ...fresh },
          { of: 'towel-gather', dose: [reps(10, { sets: 2, setRest: 15 })] },
          { of: 'strap-press-outer', dose: [holds(1, 30, 5, { sets: 3, setRest: 5 })], ...fresh },
        ],
      },
      {
        name: 'Band',
        entries: [
          { of: 'band-turn-out', rungId: 'light', dose: [reps(12, { sets: 2, setRest: 15 })], ...fresh },
          { of: 'band-turn-in', dose: [reps(12, { sets: 2, setRest: 15 })] },
        ],
      },
      {
        name: 'Stand and step',
        entries: [
          { of: 'easy-stepping' },
          { of: 'two-foot-rise', rungId: 'fingertips', dose: [reps(12, { sets: 2, setRest: 15 })] },
          { of: 'one-leg-stand', rungId: 'three-fingers', dose: [holds(2, 30, 5)] },
          { of: 'heel-to-toe-walk', dose: [travel(2, 8, 12)] },
          { of: 'half-toe-walk', dose: [travel(2, 20, 80)] },
        ],
      },
      {
        name: 'Close',
        entries: [
          { of: 'calf-stretch-straight-knee', dose: [holds(2, 30, 5)] },
          { of: 'calf-stretch-bent-knee', dose: [holds(2, 30, 5)] },
          { of: 'loose-ankle-shake' },
          { of: 'walk-and-compare', recheck: { of: null } },
        ],
      },
    ],
  },
  {
    title: 'Monday: chairs only',
    slotMinutes: 20,
    brief: {
      audience: 'general',
      people: 7,
      purpose: 'For neighbours who do not stand long: everything from a chair.',
    },
    blocks: [
      {
        name: 'Wake',
        entries: [
          { say: 'Shoes and socks off', seconds: 60, note: 'Chairs in a half ring. Spacers lie in the basket.' },
          { of: 'laced-fingers-squeeze' },
          { of: 'toe-turns', dose: [reps(1, { per: { toes: 5, directions: 2 } })] },
        ],
      },
      {
        name: 'Toes',
        wornThrough: 2,
        entries: [
          { of: 'toe-spacer-wear' },
          { of: 'lay-down-one-by-one', dose: [reps(5)] },
          { of: 'big-toe-bend-by-hand', dose: [reps(4)] },
          { of: 'big-toe-up', rungId: 'hand-lifts', dose: [reps(6)], harder: { rungId: 'hand-holds' } },
          { of: 'four-toes-up', rungId: 'hand-lifts', dose: [reps(6)] },
          { of: 'toe-split-hold' },
          { of: 'spread-and-narrow', dose: [reps(8)] },
        ],
      },
      {
        name: 'Arch and calf',
        entries: [
          { of: 'short-foot', rungId: 'seated', dose: [holds(5, 5, 5)] },
          { of: 'towel-gather', dose: [reps(10, { sets: 2, setRest: 15 })] },
          { of: 'two-foot-rise', rungId: 'seated', dose: [reps(15)] },
          { of: 'seated-toes-tucked', dose: [holds(2, 30, 5)] },
        ],
      },
      { name: 'Close', entries: [{ of: 'let-the-feet-lie' }] },
    ],
  },
];

/** Writes the classes of Saltmarsh Hall through the same door as any other save. */
export function addDemoClasses(server: Pick<Server, 'classes' | 'library'>, nextId: () => string): void {
  const library = new Map(server.library.current().map((r) => [r.exercise.id, r]));
  const item = ({ of, ...change }: Entry): Item => {
    const found = library.get(of);
    if (!found) throw new Error(`The demo asks for “${of}”, which the catalogue does not have.`);
    return { ...newItem(nextId(), found.exercise, found.revision), ...change };
  };
  const items = ({ entries, wornThrough }: DemoBlock): AnyItem[] => {
    const made = entries.map((entry): AnyItem =>
      'say' in entry
        ? { kind: 'talk', id: nextId(), name: entry.say, seconds: entry.seconds, note: entry.note }
        : item(entry),
    );
    const wornUntil = wornThrough === undefined ? null : (made[wornThrough]?.id ?? null);
    return made.map((one, i) => (i === 0 && one.kind === 'exercise' ? { ...one, wornUntil } : one));
  };
  for (const demo of [...demoClasses].reverse()) {
    const empty = newPlan(nextId(), demo.title, demo.slotMinutes * 60);
    const blocks = demo.blocks.map((b) => ({ ...newBlock(nextId(), b.name, items(b)), flow: b.flow ?? 'by-exercise' }));
    const plan: Plan = {
      ...empty,
      brief: { ...empty.brief, ...demo.brief },
      lead: demo.lead ?? empty.lead,
      music: { ...empty.music, pieces: [...(demo.pieces ?? [])] },
      blocks,
    };
    server.classes.create({ saveId: nextId(), plan });
  }
}
