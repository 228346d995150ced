import Database from 'better-sqlite3';
import * as z from 'zod';
import { faultLine } from './start-fault';

/** What a piece of the program throws. */
function thrownBy(work: () => unknown): unknown {
  try {
    work();
  } catch (error) {
    return error;
  }
  throw new Error('nothing was thrown');
}

describe('a fault of the server, as a line for whoever runs it', () => {
  it('says what it was and where, and quotes nothing that was sent', () => {
    const name = 'Ida Brook, left ankle';
    const faults = [
      thrownBy(() => JSON.parse(`{"student": "${name}`)),
      thrownBy(() => z.strictObject({ kind: z.literal('a') }).parse({ kind: 'b', [name]: 1 })),
      thrownBy(() => {
        throw new TypeError(`cannot read ${name}`);
      }),
    ].map(faultLine);
    expect(faults).toEqual([
      expect.stringMatching(/^SyntaxError/),
      expect.stringMatching(/^\$?ZodError/),
      expect.stringMatching(/^TypeError, at start-fault\.spec\.ts:\d+:\d+$/),
    ]);
    for (const line of faults) expect(line).not.toMatch(/Ida|Brook|ankle/);
  });

  it('tells what SQLite says: names of tables, never what stands in them', () => {
    const sqlite = new Database(':memory:');
    sqlite.exec('create table student (name text unique)');
    const add = sqlite.prepare('insert into student values (?)');
    add.run('Ida Brook');
    expect(faultLine(thrownBy(() => add.run('Ida Brook')))).toMatch(/^UNIQUE constraint failed: student\.name/);
  });
});
