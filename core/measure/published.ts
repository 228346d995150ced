/** A figure that stands beside a reading and enters no verdict. */
export interface Beside {
  readonly words: string;
  /** Published, but recalled without the paper at hand; or a rule of the trade without a source. */
  readonly mark: 'published, to be confirmed' | 'rule of thumb, no source';
  readonly source: string | null;
}

const springer = 'Springer et al. 2007, J Geriatr Phys Ther 30:8';
const fromMemory = (words: string, source: string): Beside => ({ words, mark: 'published, to be confirmed', source });

/** Age bands as they are published for standing on one leg. */
export const standingNorms = [
  { from: 18, to: 39, open: 45.1, shut: 13.1 },
  { from: 40, to: 49, open: 42.1, shut: 13.5 },
  { from: 50, to: 59, open: 40.9, shut: 7.9 },
  { from: 60, to: 69, open: 30.4, shut: 3.6 },
  { from: 70, to: 79, open: 16.7, shut: 3.7 },
  { from: 80, to: 99, open: 10.6, shut: 2.1 },
] as const;

const norms = (eyes: 'open' | 'shut', age: number | null): Beside[] =>
  standingNorms
    .filter(({ from, to }) => age === null || (age >= from && age <= to))
    .map((band) =>
      fromMemory(
        `People of ${band.from} to ${band.to}: ${band[eyes]} s in the mean, best of three, ended at 45 s.`,
        springer,
      ),
    );

/**
 * What is published about a check, and what the trade says, for somebody of an age. Never a pass mark.
 * @param age in years; null where it is not known: every band then
 */
export function besideReading(check: string, age: number | null): readonly Beside[] {
  switch (check) {
    case 'one-leg-stand':
      return norms('open', age);
    case 'eyes-shut-stand':
      return norms('shut', age);
    case 'rises-to-loss-of-form':
      return [
        fromMemory('25 rises at one each 2 s were called usual for adults.', 'Lunsford & Perry 1995, Phys Ther 75:694'),
      ];
    case 'big-toe-by-hand':
      return [
        fromMemory('Walking uses about 65°.', 'Hopson, McPoil & Cornwall 1995, JAPMA 85:198'),
        { words: 'Teachers aim for 80 to 90° by hand.', mark: 'rule of thumb, no source', source: null },
      ];
    case 'knee-to-wall':
      return [
        fromMemory('One centimetre is about 3.6° of the ankle.', 'Bennell et al. 1998, Aust J Physiother 44:175'),
        fromMemory('With a tape about 1.1 to 1.5 cm are noise.', 'Konor et al. 2012, IJSPT 7:279'),
      ];
    case 'knee-to-wall-angle':
      return [fromMemory('By inclinometer about 3.8° are noise.', 'Konor et al. 2012, IJSPT 7:279')];
    case 'arch-drop':
      return [
        fromMemory('More than 10 mm is often called large; some say 15 mm.', 'Mueller 1993; Brody 1982'),
        fromMemory(
          'Four weeks of arch practice: 1.8 mm less in the mean of a group, which is less than one person’s noise.',
          'Mulligan & Cook 2013, Man Ther 18:425',
        ),
      ];
    default:
      return [];
  }
}
