import fc from 'fast-check';
import { FuzzedServer, anyCase, anyFile } from './testing/fuzz';

/** The long form of both is `npm run check:long`. */
describe('a server that is asked anything', () => {
  jest.setTimeout(180_000);
  let server: FuzzedServer;
  beforeAll(async () => {
    server = await new FuzzedServer().start();
  });
  afterAll(() => server.close());

  it('answers every address in words, never with a fault, never late; what nobody touched stays', async () => {
    // what is not there, and a password that is none: all else is taken as it is meant, or nothing deep is ever asked
    const refused = await server.askAll();
    // a class that was never changed has no earlier state
    expect(refused.filter((one) => !one.includes('/revisions/'))).toEqual([
      'POST /access',
      'DELETE /access/password',
      'POST /copies/:none/restore',
      'DELETE /copies/:none',
      'GET /nowhere/:class',
    ]);
    await fc.assert(
      fc.asyncProperty(anyCase, (one) => server.ask(one)),
      { numRuns: 1000, endOnFailure: true },
    );
    await server.lookOver();
    expect(server.unasked).toEqual([]);
    // an easy way to answer without a fault is to refuse everything
    expect(server.tally.accepted).toBeGreaterThan(server.tally.cases / 10);
    expect(server.tally.refused).toBeGreaterThan(server.tally.cases / 10);
  });

  it('takes or refuses any file, whole or spoilt on the way, in words', async () => {
    const ends = new Map<string, number>();
    await fc.assert(
      fc.asyncProperty(anyFile, async (one) => {
        const end = await server.send(one);
        ends.set(end, (ends.get(end) ?? 0) + 1);
      }),
      { numRuns: 80, endOnFailure: true },
    );
    await server.lookOver();
    expect([...ends.keys()].sort()).toEqual(['ready', 'refused']);
  });
});
