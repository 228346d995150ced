import * as z from 'zod';

/**
 * The questions on which schools of foot teaching differ, and their answers. Nobody is declared right; a class mixes
 * them only knowingly. The first answer of each question is the default.
 */
export const schoolAnswers = {
  archWork: ['long-toes-press', 'toe-tips-stay', 'toes-grip'],
  toesOnRise: ['relaxed', 'all-press', 'big-toe-leads'],
  weightLine: ['between-first-and-second', 'first-toe', 'second-toe', 'even'],
  knees: ['on-purpose', 'locked', 'soft'],
  release: ['opens', 'closes', 'both'],
  rolling: ['sweeps', 'stops', 'lean-and-shift'],
  rollingIn: ['train-both-ways', 'train-away'],
  sides: ['by-exercise', 'by-foot', 'together'],
  dose: ['range', 'time', 'until-felt'],
  breath: ['left-alone', 'out-on-effort', 'out-on-sinking'],
  comfort: ['free-of-pain', 'mild-in-release'],
  tightSpot: ['wait', 'press-more'],
  footwear: ['bare', 'socks', 'shoes-for-some'],
  arch: ['make-it-work', 'build-it'],
  words: ['plain', 'anatomical'],
  harderBalance: ['fingertips', 'arms-and-eyes', 'surface'],
  band: ['form-allows', 'line-up', 'none-first'],
} as const;

export type SchoolQuestion = keyof typeof schoolAnswers;

export const School = z.strictObject({
  archWork: z.enum(schoolAnswers.archWork),
  toesOnRise: z.enum(schoolAnswers.toesOnRise),
  weightLine: z.enum(schoolAnswers.weightLine),
  knees: z.enum(schoolAnswers.knees),
  release: z.enum(schoolAnswers.release),
  rolling: z.enum(schoolAnswers.rolling),
  rollingIn: z.enum(schoolAnswers.rollingIn),
  sides: z.enum(schoolAnswers.sides),
  dose: z.enum(schoolAnswers.dose),
  breath: z.enum(schoolAnswers.breath),
  comfort: z.enum(schoolAnswers.comfort),
  tightSpot: z.enum(schoolAnswers.tightSpot),
  footwear: z.enum(schoolAnswers.footwear),
  arch: z.enum(schoolAnswers.arch),
  words: z.enum(schoolAnswers.words),
  harderBalance: z.enum(schoolAnswers.harderBalance),
  band: z.enum(schoolAnswers.band),
});
/** A teacher's answers to all the questions. */
export type School = z.infer<typeof School>;

export const defaultSchool: School = {
  archWork: 'long-toes-press',
  toesOnRise: 'relaxed',
  weightLine: 'between-first-and-second',
  knees: 'on-purpose',
  release: 'opens',
  rolling: 'sweeps',
  rollingIn: 'train-both-ways',
  sides: 'by-exercise',
  dose: 'range',
  breath: 'left-alone',
  comfort: 'free-of-pain',
  tightSpot: 'wait',
  footwear: 'bare',
  arch: 'make-it-work',
  words: 'plain',
  harderBalance: 'fingertips',
  band: 'form-allows',
};

interface QuestionWords {
  /** The question as one teacher would ask another. */
  readonly question: string;
  readonly answers: Readonly<Record<string, string>>;
}

/** Questions and answers in words; nobody is declared right. */
export const schoolWords: Readonly<Record<SchoolQuestion, QuestionWords>> = {
  archWork: q('What stays down in arch work?', {
    'long-toes-press': 'balls and heel press, the middle lifts, toes long',
    'toe-tips-stay': 'toe tips stay, the ball lifts',
    'toes-grip': 'toes grip',
  }),
  toesOnRise: q('Toes on the rise?', {
    relaxed: 'relaxed',
    'all-press': 'all press',
    'big-toe-leads': 'the big toe leads',
  }),
  weightLine: q('Which line does the weight follow?', {
    'between-first-and-second': 'between first and second toe',
    'first-toe': 'the root of the big toe',
    'second-toe': 'the second toe',
    even: 'even over all',
  }),
  knees: q('Knees?', {
    'on-purpose': 'straight for the calf, bent for the deep calf',
    locked: 'straight',
    soft: 'soft',
  }),
  release: q('Where does release belong?', {
    opens: 'it opens the class',
    closes: 'it closes the class',
    both: 'both',
  }),
  rolling: q('How is the sole rolled?', {
    sweeps: 'slow sweeps under part of the weight',
    stops: 'stops on tender spots',
    'lean-and-shift': 'short leans, shifting half a centimetre',
  }),
  rollingIn: q('Weight to the inner edge?', {
    'train-both-ways': 'half of the foot’s job, trained both ways',
    'train-away': 'a fault to train away',
  }),
  sides: q('The two sides?', {
    'by-exercise': 'exercise by exercise',
    'by-foot': 'one whole foot, compare, the other',
    together: 'both together where it can be',
  }),
  dose: q('How is a dose given?', { range: 'a number', time: 'a time', 'until-felt': 'until it is felt' }),
  breath: q('Breath?', {
    'left-alone': 'left alone',
    'out-on-effort': 'out on effort',
    'out-on-sinking': 'out on sinking, in on rising',
  }),
  comfort: q('Comfort?', {
    'free-of-pain': 'free of pain throughout',
    'mild-in-release': 'mild discomfort is accepted in release and stretch',
  }),
  tightSpot: q('A tight spot?', { wait: 'wait until it softens', 'press-more': 'press a little more' }),
  footwear: q('On the feet?', { bare: 'bare', socks: 'socks', 'shoes-for-some': 'shoes for some' }),
  arch: q('The arch?', { 'make-it-work': 'make it work, whatever its height', 'build-it': 'work on its shape' }),
  words: q('Names and cues?', { plain: 'plain places', anatomical: 'anatomical names' }),
  harderBalance: q('Balance is made harder by?', {
    fingertips: 'taking fingertips away one by one',
    'arms-and-eyes': 'crossing the arms, shutting the eyes',
    surface: 'the ground',
  }),
  band: q('How strong a band?', {
    'form-allows': 'as strong as form allows',
    'line-up': 'just enough to line up',
    'none-first': 'none first',
  }),
};

function q(question: string, answers: Readonly<Record<string, string>>): QuestionWords {
  return { question, answers };
}

/** A question with an answer, as it stands in a line: "toes on the rise: all press". */
export const answeredWords = (question: SchoolQuestion, answer: string): string =>
  `${schoolWords[question].question.replace('?', '').toLowerCase()}: ${answerWords(question, answer)}`;

/** The answer to a question in words. */
export const answerWords = (question: SchoolQuestion, answer: string): string =>
  schoolWords[question].answers[answer] ?? answer;
