import { type ComposeBrief, usualBrief } from '../compose';
import { type School, defaultSchool } from '../exercise';
import { catalogue } from '../exercise/catalogue';
import { revisionIn } from './catalogue-class';

/** The built-in exercises as a library to compose from. */
export const catalogueOffers = catalogue.map((exercise) => ({ exercise, revision: revisionIn(exercise) }));

export interface NamedBrief {
  readonly name: string;
  readonly brief: ComposeBrief;
  readonly school?: Partial<School>;
}

const brief = (change: Partial<ComposeBrief>): ComposeBrief => ({ ...usualBrief, ...change });
const minutes = (n: number) => ({ slotSeconds: n * 60 });
const bands = { band: 20, chair: 30, wall: 1, mat: 30 };

/** Twenty briefs as teachers give them, for a studio of the usual kind: chairs, mats, a wall, and what is named. */
export const twentyBriefs: readonly NamedBrief[] = [
  {
    name: 'dancers before rehearsal',
    brief: brief({ who: 'dancers', occasion: 'warm-up', ...minutes(15), people: 14, looks: false }),
  },
  {
    name: 'seniors seated',
    brief: brief({
      who: 'general',
      level: 'new',
      places: ['chair'],
      ...minutes(20),
      people: 10,
      kit: { chair: 12, 'soft-ball': 12 },
      concerns: ['falls-or-faints', 'brittle-bones'],
    }),
  },
  {
    name: 'five minutes at a desk',
    brief: brief({
      who: 'general',
      places: ['chair'],
      ...minutes(5),
      people: 6,
      kit: { chair: 6 },
      floor: 'carpet',
      looks: false,
    }),
  },
  {
    name: 'mixed lunch with three bands',
    brief: brief({ ...minutes(25), people: 11, kit: { band: 3, chair: 12, wall: 1, mat: 12 } }),
  },
  { name: 'no kit at all', brief: brief({ ...minutes(20), people: 15, kit: { wall: 1 }, floor: 'wood' }) },
  { name: 'sore Achilles in the room', brief: brief({ ...minutes(30), concerns: ['sore-achilles'], kit: bands }) },
  {
    name: 'step-dance troupe',
    brief: brief({
      who: 'dancers',
      level: 'further',
      ...minutes(30),
      people: 16,
      focus: { strength: 30, arch: 20 },
      kit: { ...bands, step: 16, block: 16 },
    }),
  },
  {
    name: 'barre',
    brief: brief({
      who: 'dancers',
      ...minutes(20),
      people: 12,
      places: ['up'],
      kit: { barre: 2, chair: 12, wall: 1 },
      focus: { strength: 40 },
      music: true,
    }),
  },
  {
    name: 'opening of a yoga class',
    brief: brief({
      who: 'general',
      occasion: 'opening',
      ...minutes(8),
      people: 18,
      kit: { mat: 20, wall: 1, strap: 20, block: 20, cushion: 20 },
      looks: false,
    }),
    school: { breath: 'out-on-effort' },
  },
  {
    name: 'athletes’ warm-up',
    brief: brief({
      who: 'general',
      occasion: 'warm-up',
      level: 'further',
      ...minutes(12),
      people: 20,
      kit: { wall: 1 },
      places: ['up'],
      floor: 'wood',
      looks: false,
    }),
  },
  { name: 'ten minutes that must be ten', brief: brief({ ...minutes(10), mustEnd: true, people: 12 }) },
  {
    name: 'homework',
    brief: brief({
      who: 'general',
      occasion: 'homework',
      ...minutes(8),
      people: 1,
      kit: { chair: 1, cloth: 1, wall: 1 },
      looks: false,
    }),
  },
  {
    name: 'an hour with everything',
    brief: brief({
      ...minutes(60),
      kit: { ...bands, 'firm-ball': 20, 'soft-ball': 20, cloth: 20, strap: 20, block: 20, cushion: 20, step: 20 },
    }),
  },
  {
    name: 'release after a show',
    brief: brief({
      who: 'dancers',
      occasion: 'release',
      ...minutes(20),
      people: 14,
      kit: { 'firm-ball': 14, 'soft-ball': 14, wall: 1, chair: 14, mat: 14 },
      looks: false,
    }),
  },
  { name: 'bands, half the time', brief: brief({ ...minutes(30), focus: { band: 50 }, kit: bands }) },
  {
    name: 'balance for people over sixty',
    brief: brief({
      places: ['chair', 'up'],
      who: 'general',
      level: 'new',
      ...minutes(30),
      people: 10,
      focus: { balance: 30 },
      concerns: ['falls-or-faints'],
    }),
  },
  {
    name: 'long toes for beginners at the barre',
    brief: brief({
      who: 'dancers',
      level: 'new',
      ...minutes(25),
      people: 10,
      idea: 'long-toes',
      kit: { barre: 1, chair: 10, wall: 1, mat: 10 },
    }),
  },
  {
    name: 'pregnancy in the room',
    brief: brief({
      who: 'general',
      ...minutes(25),
      people: 8,
      concerns: ['pregnancy'],
      kit: { ...bands, 'soft-ball': 8 },
    }),
  },
  {
    name: 'foot by foot, with comparison',
    brief: brief({ who: 'general', ...minutes(30), people: 8, kit: bands }),
    school: { sides: 'by-foot', release: 'both' },
  },
  {
    name: 'numb feet and blood thinners',
    brief: brief({
      who: 'general',
      level: 'new',
      ...minutes(20),
      people: 6,
      concerns: ['numb-or-diabetic-feet', 'blood-thinners'],
      kit: { chair: 6, wall: 1 },
    }),
  },
];

export const schoolOf = ({ school }: NamedBrief): School => ({ ...defaultSchool, ...school });
