import type * as zxcvbnCore from '@zxcvbn-ts/core';
import { type Strength, passwordLetters } from '@core/contract';

/** From here on a password is taken: about 100 million guesses, by its own account. */
const enough = 3;
/** What stands on the door is no secret. */
const onTheDoor = ['needlework', 'saltmarsh', 'foot', 'feet', 'ankle', 'dance', 'ballet', 'pilates', 'yoga'];

/** One password in one form, however a keyboard puts its accents together (NIST SP 800-63B, 5.1.1.2). */
export const oneForm = (password: string): string => password.normalize('NFKC');

/** Letters that are judged: what comes behind them makes it no easier to guess, and a hundred of some kinds take seconds. */
const mostJudged = 40;

let judge: typeof zxcvbnCore.zxcvbn | null = null;

/** The lists of what people choose are large, and needed hardly ever: they are read when they are. */
async function judged(): Promise<typeof zxcvbnCore.zxcvbn> {
  if (judge) return judge;
  const [{ zxcvbn, zxcvbnOptions }, { dictionary, adjacencyGraphs }] = await Promise.all([
    import('@zxcvbn-ts/core'),
    import('@zxcvbn-ts/language-common'),
  ]);
  zxcvbnOptions.setOptions({ dictionary, graphs: adjacencyGraphs });
  judge = zxcvbn;
  return zxcvbn;
}

/**
 * How hard a password is to guess: its length, and whether it stands in lists of common passwords or is made of them,
 * of rows of keys, of repetitions. There are no rules about which letters it has (OWASP ASVS 4.0.3, 2.1.9).
 */
export async function strengthOf(password: string): Promise<Strength> {
  const whole = oneForm(password);
  const letters = [...whole].length;
  const { score } = (await judged())(whole.slice(0, mostJudged), onTheDoor);
  const { least, most } = passwordLetters;
  if (letters < least)
    return {
      score: Math.min(score, 2),
      refused: `At least ${least} letters; this has ${letters}. Four words that do not belong together are easy to keep in mind.`,
    };
  if (letters > most) return { score, refused: `At most ${most} letters; this has ${letters}.` };
  if (score < enough)
    return {
      score,
      refused:
        'It is common, or made of what is common. Four words that do not belong together are hard to guess and easy to keep in mind.',
    };
  return { score, refused: null };
}
