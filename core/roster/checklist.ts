import type { Concern } from '../exercise';

/** One thing that is asked before somebody's first class. */
export interface FirstQuestion {
  readonly id: string;
  readonly ask: string;
  /** What is then minded in classes; null where it ends it until a clinician has looked. */
  readonly concern: Concern | null;
}

/** What is asked before the first class (common practice; local rules come first). A yes changes classes, or refers. */
export const firstQuestions: readonly FirstQuestion[] = [
  {
    id: 'signs',
    ask: 'Pain at rest or at night, swelling, heat, or a change of colour in a foot or calf?',
    concern: null,
  },
  {
    id: 'injury',
    ask: 'A sprain, a fracture or an operation of foot, ankle or knee lately?',
    concern: 'recent-injury',
  },
  { id: 'feeling', ask: 'Little feeling in the feet, or diabetes?', concern: 'numb-or-diabetic-feet' },
  { id: 'bruises', ask: 'Blood thinners, or bruises that come easily?', concern: 'blood-thinners' },
  { id: 'skin', ask: 'Broken skin or an infection on the feet today?', concern: 'broken-skin' },
  { id: 'falls', ask: 'A fall, a faint or dizziness in the last year?', concern: 'falls-or-faints' },
  { id: 'bones', ask: 'Brittle bones?', concern: 'brittle-bones' },
  { id: 'pregnant', ask: 'Pregnant?', concern: 'pregnancy' },
  { id: 'achilles', ask: 'A sore Achilles tendon?', concern: 'sore-achilles' },
  { id: 'heel', ask: 'Pain in the heel with the first steps of the morning?', concern: 'morning-heel-pain' },
  { id: 'knees', ask: 'Sore knees?', concern: 'sore-knees' },
  { id: 'toe', ask: 'A sore or stiff joint of the big toe?', concern: 'sore-big-toe-joint' },
  { id: 'bunion', ask: 'A bunion that hurts?', concern: 'bunion-pain' },
  { id: 'joints', ask: 'A joint disease?', concern: 'joint-disease' },
  { id: 'mobile', ask: 'Joints that go further than other people’s?', concern: 'very-mobile-joints' },
  { id: 'cramp', ask: 'Cramp in the feet?', concern: 'cramp' },
];

/** The sign that is noted where the first question is answered with yes. */
export const firstSign = 'pain at rest or at night, swelling, heat or a change of colour';

/** Beside a fresh sprain; a prompt to refer and nothing else. */
export const ankleReferral = {
  words: 'A fresh turn of the ankle: refer at once where bone is tender to the touch, or four steps cannot be taken.',
  source: 'Stiell et al. 1993, JAMA 269:1127',
  mark: 'published, to be confirmed',
} as const;

/**
 * What a qualified teacher and a clinician look at before pointe work. Names of screens alone: their rules are theirs,
 * and Needlework gives no verdict.
 */
export const pointeChecklist = {
  asks: [
    'Years and hours of training, and who teaches them.',
    'What grows: feet, shins, and pain at a heel or a shin since.',
    'The line through ankle and foot at full point, without curled toes.',
    'Strength and steadiness on one leg, on both sides.',
    'Screens by name: topple, single-leg jumps, balance tilt.',
  ],
  words: 'For a qualified teacher and a clinician together. Needlework gives no verdict.',
  source: 'Richardson, Liederbach & Sandow 2010, J Dance Med Sci 14:82',
  mark: 'published, to be confirmed',
} as const;
