import type { Fault } from '../exercise';
import type { Execution } from '../resolve';
import type { Sense } from './note';

/** What only the student knows: an eye sees a face, a colour, a movement, never a feeling or a thought. */
const felt =
  /\b(feels?|felt|hurts?|pain\w*|aches?|sting\w*|burns?|tingl\w*|numb|warmth|tender(ness)?|cramps?|complains?|holding (the|their) breath|forgotten|unnoticed|absent-minded|soreness)\b/i;

interface Hidden {
  readonly says: RegExp;
  readonly from: readonly Fault['from'][];
  readonly hides: (done: Execution) => boolean;
  readonly why: string;
}

const upright = ({ position }: Execution) => position === 'standing' || position === 'walking';

/** Where a thing cannot be seen from (common practice, no source). */
const hidden: readonly Hidden[] = [
  {
    says: /./,
    from: ['front', 'mirror in front'],
    hides: (done) => upright(done) && /\b(both )?hands on the wall\b|\bface the wall\b/i.test(done.cues.setup.plain),
    why: 'the wall is in front of them',
  },
  {
    says: /\bheels?\b/i,
    from: ['front'],
    hides: upright,
    why: 'the heel is behind the foot',
  },
  { says: /\barch(es)?\b/i, from: ['front', 'behind'], hides: upright, why: 'the arch shows from the inner side' },
  {
    says: /\btoes?\b/i,
    from: ['front'],
    hides: ({ position }) => position === 'kneeling',
    why: 'the toes lie behind the body',
  },
];

function stumbles({ seen: what, from }: Fault, done: Execution): ReturnType<Sense> {
  const found = felt.exec(what)?.[0];
  if (found !== undefined)
    return [
      {
        code: 'felt-not-seen',
        words: `What to watch: “${what}”. “${found}” is felt or thought, not seen. Say what an eye can see of it.`,
      },
    ];
  const hides = hidden.find((h) => h.from.includes(from) && h.says.test(what) && h.hides(done));
  if (!hides) return [];
  const where = from === 'front' ? 'the front' : from;
  return [
    {
      code: 'seen-from-elsewhere',
      words: `What to watch: “${what}” cannot be seen from ${where}: ${hides.why}. Choose another place to stand.`,
    },
  ];
}

/** A fault is something an eye can see, from where it is said to show. */
export const seen: Sense = ({ rung, done }) =>
  rung === null ? done.faults.flatMap((fault) => [...stumbles(fault, done)]) : [];
