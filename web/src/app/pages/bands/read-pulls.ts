import { BandTest, newtonsPerKilogram } from '@core/device';
import { type Result, ok, refuse } from '@core/result';

const number = (text: string): number => (text.trim() === '' ? NaN : Number(text.trim().replace(',', '.')));

/**
 * What was typed of a band: its slack length, and a pull a line, "75 1.2": centimetres, then kilograms.
 * @returns the test, or why it is none, in words
 */
export function readPulls(slack: string, lines: string, date: string): Result<BandTest, string> {
  const rows = lines.split('\n').filter((line) => line.trim() !== '');
  const pulls = rows.map((line) => {
    const [length = '', kilograms = ''] = line.trim().split(/[\s;]+/);
    return { length: number(length), force: number(kilograms) * newtonsPerKilogram };
  });
  const wrong = rows[pulls.findIndex(({ length, force }) => !(length > 0) || !(force >= 0))];
  if (wrong !== undefined)
    return refuse(`“${wrong.trim()}” is no pull: write the length in cm and what the scale said in kg.`);
  if (pulls.length < 2) return refuse('Two pulls at least; four or five say how far off the curve may be.');
  const read = BandTest.safeParse({ date, slack: number(slack), pulls });
  if (read.success) return ok(read.data);
  const unstretched = read.error.issues.some(({ message }) => message === 'band-not-stretched');
  return refuse(
    unstretched ? 'A pull must be longer than the slack band.' : 'The slack length in cm is needed, up to ten metres.',
  );
}
