import type { Execution, Fault, Phase, Place } from '../exercise';
import { placeNames } from '../exercise';
import type { Brief, IdeaTie } from '../plan';
import { type Idea, ideas } from './ideas';

/** What the idea of a class means for feet; null where it has none, or nobody has said what it is about. */
export function meaningOf({ idea, ideaTie }: Pick<Brief, 'idea' | 'ideaTie'>): Idea | null {
  if (idea === '' || ideaTie === null) return null;
  return { ...tiedTo(ideaTie), sentence: idea };
}

const settled = new Map<string, Idea>();

/** The idea of a tie: one that comes with Needlework, or one made from what a part of the foot does. */
export function tiedTo(tie: IdeaTie): Idea {
  if (tie.kind === 'listed') return ideas[tie.id];
  const key = JSON.stringify(tie);
  const known = settled.get(key) ?? madeFrom(tie);
  settled.set(key, known);
  return known;
}

type Own = Exclude<IdeaTie, { kind: 'listed' }>;

/** What a tie is called: “the inner ball presses”. */
export function tieWords(tie: IdeaTie): string {
  switch (tie.kind) {
    case 'listed':
      return ideas[tie.id].name;
    case 'place':
      return `the ${placeNames[tie.place]} ${tie.place === 'smallToes' ? tie.contact : `${tie.contact === 'press' ? 'presse' : 'lift'}s`}`;
    case 'toes':
      return { long: 'the toes lie long', spread: 'the toes lie wide', curled: 'the toes curl' }[tie.toes];
    case 'midfoot':
      return tie.midfoot === 'lifted' ? 'the middle lifts' : 'the middle is let down';
    case 'edge':
      return {
        even: 'the weight stays in the middle',
        inner: 'the weight goes to the inner edge',
        outer: 'the weight goes to the outer edge',
      }[tie.edge];
  }
}

function madeFrom(tie: Own): Idea {
  const words = tieWords(tie);
  const does = (phase: Phase) => carriesIn(tie, phase);
  return {
    name: words,
    sentence: `${words.charAt(0).toUpperCase()}${words.slice(1)}.`,
    carries: ({ phases }: Execution) => phases.some(does),
    opposes: (phase) => opposesIn(tie, phase),
    bridge: `For once it is the other way round; then ${words} again.`,
    speaksOf: spokenOf(tie),
    watch: { seen: watched[tie.kind], from: from[tie.kind], say: `Mind this: ${words}.` },
    pictures: [],
    question: `Is it easier than at the start that ${words}?`,
  };
}

const watched: Readonly<Record<Own['kind'], string>> = {
  place: 'it gets lost',
  toes: 'the toes forget it',
  midfoot: 'the middle forgets it',
  edge: 'the weight wanders',
};
const from: Readonly<Record<Own['kind'], Fault['from']>> = {
  place: 'front',
  toes: 'above',
  midfoot: 'inner side',
  edge: 'behind',
};

function carriesIn(tie: Own, { working }: Phase): boolean {
  switch (tie.kind) {
    case 'place':
      return working.contacts[tie.place].contact === tie.contact;
    case 'toes':
      return working.toes === tie.toes;
    case 'midfoot':
      return working.midfoot === tie.midfoot;
    case 'edge':
      return working.weightLine !== 'none' && working.edge === tie.edge;
  }
}

function opposesIn(tie: Own, { working }: Phase): boolean {
  switch (tie.kind) {
    case 'place':
      return working.contacts[tie.place].contact === (tie.contact === 'press' ? 'lift' : 'press');
    case 'toes':
      return tie.toes === 'curled' ? working.toes === 'long' || working.toes === 'spread' : working.toes === 'curled';
    case 'midfoot':
      return working.midfoot === (tie.midfoot === 'lifted' ? 'let-down' : 'lifted');
    case 'edge':
      return tie.edge === 'even'
        ? working.edge !== 'even'
        : working.edge === (tie.edge === 'inner' ? 'outer' : 'inner');
  }
}

const placeSaid: Readonly<Record<Place, RegExp>> = {
  heel: /\bheels?\b/i,
  innerBall: /inner balls?\b|big-toe root/i,
  outerBall: /outer balls?\b/i,
  bigToe: /big[ -]toe/i,
  smallToes: /small toes|little toe/i,
};

function spokenOf(tie: Own): (fault: Fault) => boolean {
  const words =
    tie.kind === 'place'
      ? placeSaid[tie.place]
      : { toes: /\btoes?\b/i, midfoot: /\barch(es)?\b|middle/i, edge: /\bedge/i }[tie.kind];
  return ({ seen, say }) => words.test(seen) || words.test(say);
}
