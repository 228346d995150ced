import type { Caution, Exercise, Performance } from './exercise';
import type { FootState, Phase } from './foot-state';
import { Situation } from './situation-id';

export { Situation };

interface SituationRule {
  /** Whether the body is in it, read from positions, contacts, balance and load; null where only the author can say. */
  readonly holds: ((way: Performance, stage: Exercise['stage']) => boolean) | null;
  readonly carries: readonly Caution[];
}

const caution = (concern: Caution['concern'], action: Caution['action'], words: string): Caution => ({
  concern,
  action,
  words,
});

const upright = (way: Performance) => way.position === 'standing' || way.position === 'walking';
const balance = ({ balance: b }: Performance) => Math.max(b.working, b.standing);
const someFoot = (way: Performance, asked: (foot: FootState, phase: Phase) => boolean) =>
  way.phases.some((phase) => asked(phase.working, phase));
const presses = (foot: FootState, place: 'heel' | 'innerBall' | 'outerBall') =>
  foot.contacts[place].contact === 'press';
const onBall = (foot: FootState) => presses(foot, 'innerBall') || presses(foot, 'outerBall');
const oneLeg = (way: Performance) =>
  way.position === 'standing' &&
  way.sidePattern === 'each' &&
  (way.balance.standing >= 1 ||
    way.balance.working >= 2 ||
    way.phases.some((phase) => phase.other?.contacts.heel.contact === 'hang'));
/** Something soft or moving under the feet of someone who stands. */
export const onUnstableGround = (way: Performance): boolean =>
  upright(way) && way.balance.working >= 2 && way.kit.some(({ kit }) => kit === 'half-ball' || kit === 'cushion');

/** Every situation, how it shows, and what it carries (common practice; local rules and a clinician come first). */
export const situations: Readonly<Record<Situation, SituationRule>> = {
  'one-leg-carries': {
    holds: oneLeg,
    carries: [caution('falls-or-faints', 'change-support', 'Both hands on a chair or wall, or do it seated.')],
  },
  'balance-asked': {
    holds: (way) => way.position === 'standing' && !oneLeg(way) && balance(way) >= 1,
    carries: [caution('falls-or-faints', 'change-support', 'Both hands on a support, eyes open.')],
  },
  'steps-ask-balance': {
    holds: (way) => way.position === 'walking' && balance(way) >= 1,
    carries: [caution('falls-or-faints', 'change-support', 'Along a wall, a hand on it, eyes open.')],
  },
  'demanding-balance': {
    holds: (way) => upright(way) && balance(way) >= 2,
    carries: [caution('pregnancy', 'change-support', 'A whole hand on the support throughout.')],
  },
  'unstable-ground': {
    holds: onUnstableGround,
    carries: [
      caution('falls-or-faints', 'leave-out', 'Not on soft or moving ground: stand on the floor beside the chair.'),
      caution('pregnancy', 'leave-out', 'Stand on the floor instead, a hand on the chair.'),
      caution(
        'numb-or-diabetic-feet',
        'leave-out',
        'Not on ground that the feet do not feel: firm floor, hand on support.',
      ),
      caution('recent-injury', 'ask-clinician', 'After a sprain ask first.'),
    ],
  },
  landing: {
    holds: (way) => way.impactsPerRep > 0,
    carries: [
      caution('brittle-bones', 'leave-out', 'Rises instead of jumps.'),
      caution('pregnancy', 'leave-out', 'Rises instead of jumps.'),
      caution('falls-or-faints', 'leave-out', 'Rises with a hand on the support instead.'),
      caution('sore-achilles', 'leave-out', 'No jumps while the tendon is sore.'),
      caution('sore-knees', 'leave-out', 'No jumps while the knees are sore: rises instead.'),
      caution('numb-or-diabetic-feet', 'leave-out', 'No landings on feet with little feeling: rises instead.'),
      caution('joint-disease', 'leave-out', 'Push-offs without leaving the floor instead.'),
      caution('recent-injury', 'ask-clinician', 'Ask first.'),
      caution('morning-heel-pain', 'leave-out', 'No landings while the heel hurts: rises instead.'),
      caution(
        'growing-feet',
        'go-gently',
        'Few and small; pain at the heel or the shin ends them, and is told to a parent.',
      ),
    ],
  },
  'heel-rises': {
    holds: (way) => upright(way) && someFoot(way, (foot) => foot.contacts.heel.contact === 'lift' && onBall(foot)),
    carries: [caution('sore-achilles', 'go-gently', 'From the floor only, never below it; a growing ache ends it.')],
  },
  'heel-below-edge': {
    holds: (way) => upright(way) && someFoot(way, (foot) => foot.contacts.heel.contact === 'hang' && onBall(foot)),
    carries: [
      caution('sore-achilles', 'leave-out', 'Sore where it joins the heel: the heel never goes below floor level.'),
    ],
  },
  'edge-carries': {
    holds: (way) =>
      upright(way) && someFoot(way, (foot) => foot.edge !== 'even' && (presses(foot, 'heel') || onBall(foot))),
    carries: [
      caution('recent-injury', 'ask-clinician', 'After a sprain ask first, and share the weight with the other foot.'),
    ],
  },
  'ankle-turns': {
    holds: (way) => !upright(way) && someFoot(way, ({ ankle }) => ankle === 'turned-in' || ankle === 'turned-out'),
    carries: [caution('recent-injury', 'ask-clinician', 'After a sprain ask first; small, slow and without load.')],
  },
  'knees-bend-under-weight': {
    holds: (way) => upright(way) && someFoot(way, (foot, phase) => foot.knee === 'bent' && phase.body === 'sinks'),
    carries: [caution('sore-knees', 'go-gently', 'As deep as is free of pain.')],
  },
  'knees-on-floor': {
    holds: (way) => way.position === 'kneeling' && someFoot(way, ({ knee }) => knee === 'bent'),
    carries: [caution('sore-knees', 'change-support', 'A thick pad under the knee, or do it seated or at the wall.')],
  },
  'ball-under-foot': {
    holds: (way) =>
      someFoot(
        way,
        ({ contacts, middle }) =>
          middle?.meets === 'ball' ||
          (['heel', 'innerBall', 'outerBall'] as const).some((at) => contacts[at].meets === 'ball'),
      ),
    carries: [
      caution('blood-thinners', 'change-support', 'Soft ball only, light pressure; a bruise means too hard.'),
      caution(
        'numb-or-diabetic-feet',
        'ask-clinician',
        'No firm ball. Ask a clinician first, and look at the skin before and after.',
      ),
      caution('broken-skin', 'change-support', 'An own ball, wiped, and nothing on open skin.'),
    ],
  },
  'ball-under-heel': {
    holds: (way) => someFoot(way, ({ contacts }) => contacts.heel.meets === 'ball'),
    carries: [caution('morning-heel-pain', 'go-gently', 'Light, and stop short of a heel that hurts.')],
  },
  'big-toe-lifts': {
    holds: (way) => someFoot(way, ({ contacts }) => contacts.bigToe.contact === 'lift'),
    carries: [caution('sore-big-toe-joint', 'go-gently', 'Only as far as it goes without pain.')],
  },
  'big-toe-bent': {
    holds: (way) => (way.regions['big-toe-joint'] ?? 0) >= 2,
    carries: [
      caution('sore-big-toe-joint', 'leave-out', 'Leave it out while the joint is sore or stiff.'),
      caution('joint-disease', 'go-gently', 'Half of the way, and none of it while a joint is hot or swollen.'),
    ],
  },
  'end-range-point': {
    holds: null,
    carries: [
      caution('recent-injury', 'leave-out', 'Not on an ankle that was hurt lately; ask a clinician.'),
      caution('very-mobile-joints', 'go-gently', 'Stop short of the end of the way.'),
      caution('growing-feet', 'go-gently', 'Growing feet: no pushing, nobody leaning on them.'),
      caution('joint-disease', 'go-gently', 'Half of the way, and none of it while a joint is hot or swollen.'),
    ],
  },
  'between-the-toes': {
    holds: null,
    carries: [
      caution(
        'broken-skin',
        'leave-out',
        'Leave it out where the skin between the toes is cracked or sore; it can split.',
      ),
      caution('numb-or-diabetic-feet', 'ask-clinician', 'Ask a clinician first; look at the skin before and after.'),
    ],
  },
  'band-on-foot': {
    holds: (way) => way.band !== null,
    carries: [
      caution('numb-or-diabetic-feet', 'leave-out', 'Nothing tight round a foot with little feeling.'),
      caution('recent-injury', 'ask-clinician', 'After a sprain ask a clinician first, and begin without it.'),
    ],
  },
  'band-round-toe': {
    holds: (way) => way.band?.placement === 'big-toe',
    carries: [
      caution('bunion-pain', 'go-gently', 'Stop if the bump complains.'),
      caution('sore-big-toe-joint', 'go-gently', 'A light pull, and none while the joint is sore.'),
    ],
  },
  'feet-tied': {
    holds: (way) => way.band?.placement === 'both-feet' || way.band?.placement === 'big-toe',
    carries: [caution('falls-or-faints', 'change-support', 'Seated; the loop comes off before anybody stands up.')],
  },
  'sole-may-cramp': {
    holds: (way, stage) =>
      stage !== 'passive' &&
      ((way.regions['arch-intrinsics'] ?? 0) >= 2 ||
        (!upright(way) && (way.regions.calf ?? 0) >= 1 && someFoot(way, ({ ankle }) => ankle === 'down'))),
    carries: [caution('cramp', 'go-gently', 'Cramp is expected: ease, shake, resume.')],
  },
};

const rules = Situation.options.map((id) => ({ id, holds: situations[id].holds }));

/** The situations a way of doing an exercise is in: those that show, and those its author names. */
export function situationsOf(way: Performance, stage: Exercise['stage']): Situation[] {
  const found: Situation[] = [];
  for (const { id, holds } of rules)
    if (holds?.(way, stage) === true || way.situations?.includes(id) === true) found.push(id);
  return found;
}

/** From the mildest to the strictest. */
const strictness: Readonly<Record<Caution['action'], number>> = {
  'go-gently': 0,
  'change-support': 1,
  'hold-at-rung': 2,
  'ask-clinician': 3,
  'leave-out': 4,
};

interface Cared {
  readonly own: readonly Caution[];
  readonly stage: Exercise['stage'];
  readonly found: readonly Caution[];
}
/** Revisions never change: what was worked out once for a way of doing an exercise stays, however often it is filtered. */
const cared = new WeakMap<Performance, Cared>();

/**
 * What to take care of in one way of doing an exercise: its own cautions, and those that follow from what the body does.
 * One a concern, the strictest; of two alike the exercise's own words.
 */
export function cautionsOf(own: readonly Caution[], way: Performance, stage: Exercise['stage']): readonly Caution[] {
  const known = cared.get(way);
  if (known?.own === own && known.stage === stage) return known.found;
  const found = strictestOf([...own, ...situationsOf(way, stage).flatMap((id) => situations[id].carries)]);
  cared.set(way, { own, stage, found });
  return found;
}

function strictestOf(cautions: readonly Caution[]): Caution[] {
  const found = new Map<Caution['concern'], Caution>();
  for (const caution of cautions) {
    const known = found.get(caution.concern);
    if (!known || strictness[caution.action] > strictness[known.action]) found.set(caution.concern, caution);
  }
  return [...found.values()];
}
