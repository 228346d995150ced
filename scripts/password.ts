import { mkdirSync } from 'node:fs';
import { createInterface } from 'node:readline';
import { parseArgs } from 'node:util';
import password from '@inquirer/password';
import { Password } from '../server/access/password';
import { strengthOf } from '../server/access/strength';

/**
 * `npm run password -- --data FOLDER`: sets the password of a data folder, in the place of the one it may have; who came
 * in by that one is out. It is asked for twice and not shown; from a pipe it is read once, as the first line.
 */
async function main(): Promise<void> {
  const { values } = parseArgs({ options: { data: { type: 'string', default: 'data/own' } } });
  const next = process.stdin.isTTY ? await asked() : await firstLine();
  const { refused } = await strengthOf(next);
  if (refused !== null) throw new Error(`${refused} Nothing was changed.`);
  mkdirSync(values.data, { recursive: true });
  await new Password(values.data).set(next);
  console.log(`The password of ${values.data} is set. It counts at once; whoever was in gives it the next time.`);
}

async function asked(): Promise<string> {
  const first = await password({ message: 'A password, at least 12 letters:' });
  const again = await password({ message: 'Once more:' });
  if (first !== again) throw new Error('The two are not the same. Nothing was changed.');
  return first;
}

async function firstLine(): Promise<string> {
  for await (const line of createInterface({ input: process.stdin })) return line;
  throw new Error('No password came. Nothing was changed.');
}

main().catch((error: unknown) => {
  console.error(error instanceof Error ? error.message : String(error));
  process.exit(1);
});
