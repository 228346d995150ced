import fc from 'fast-check';
import { FuzzedServer, anyCase, anyFile } from '../server/testing/fuzz';

/** `npm run check:long`: every address and every file that comes in, by the ten thousand. Prints what held, in numbers. */
const [asked, sent] = [40_000, 4000];

async function main(): Promise<void> {
  const began = performance.now();
  const server = await new FuzzedServer().start();
  await server.askAll();
  let [failed, ready] = [0, 0];
  const said = (what: string) => (error: unknown) => {
    failed++;
    console.log(`${what}: ${error instanceof Error ? error.message : String(error)}`);
  };
  const step = 2000;
  for (let done = 0; done < asked; done += step) {
    await fc
      .assert(
        fc.asyncProperty(anyCase, (one) => server.ask(one)),
        { numRuns: step, endOnFailure: true },
      )
      .catch(said('an address'));
    await server.lookOver().catch(said('looked over'));
  }
  const { cases, accepted, refused } = server.tally;
  console.log(
    `addresses: ${cases} cases, ${accepted} accepted, ${refused} refused, ${server.unasked.length} routes not asked`,
  );
  for (let done = 0; done < sent; done += step / 4) {
    await fc
      .assert(
        fc.asyncProperty(anyFile, async (one) => {
          if ((await server.send(one)) === 'ready') ready++;
        }),
        { numRuns: step / 4, endOnFailure: true },
      )
      .catch(said('a file'));
    await server.lookOver().catch(said('looked over'));
  }
  await server.close();
  console.log(`files: ${sent} cases, ${ready} could be taken, ${sent - ready} refused`);
  console.log(`faults and losses: ${failed} (${Math.round((performance.now() - began) / 1000)} s)`);
  process.exit(failed === 0 ? 0 : 1);
}

void main();
