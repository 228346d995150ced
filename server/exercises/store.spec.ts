import { cpSync, existsSync, mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { catalogue } from '@core/exercise/catalogue';
import { openDatabase } from '../database';
import { Library, revisionOf } from './store';

const migrations = join(__dirname, '..', 'migrations');
const [press] = catalogue;
if (!press) throw new Error('an empty catalogue');

describe('the address of a revision', () => {
  it('does not depend on the order in which fields were written', () => {
    const turned = Object.fromEntries(Object.entries(press).reverse()) as typeof press;
    expect(revisionOf(turned)).toBe(revisionOf(press));
  });

  it('changes with a single word', () => {
    expect(revisionOf({ ...press, purpose: `${press.purpose} ` })).not.toBe(revisionOf(press));
  });
});

describe('the library', () => {
  const opened = openDatabase(':memory:', migrations);
  const library = new Library(opened.db, () => '2026-11-24T12:00:00.000Z');
  afterAll(() => opened.close());

  it('takes a changed built-in exercise as a new revision and keeps the old one for classes that pin it', () => {
    library.addBuiltIns([press]);
    const changed = { ...press, purpose: 'Said better.' };
    library.addBuiltIns([changed]);
    expect(library.current()).toMatchObject([{ revision: revisionOf(changed), exercise: { purpose: 'Said better.' } }]);
    expect(library.byRevision([revisionOf(press)])).toMatchObject([{ exercise: { purpose: press.purpose } }]);
  });

  it('writes the built-in exercises at every start and stays as it is', () => {
    library.addBuiltIns(catalogue);
    library.addBuiltIns(catalogue);
    expect(library.current()).toHaveLength(catalogue.length);
  });

  it('leaves a removed exercise removed after the next start', () => {
    library.remove(press.id);
    library.addBuiltIns(catalogue);
    expect(library.current().some((r) => r.exercise.id === press.id)).toBe(false);
    library.restore(press.id);
    expect(library.current().some((r) => r.exercise.id === press.id)).toBe(true);
  });

  it('finds nothing for a revision nobody wrote', () => {
    expect(library.byRevision(['f'.repeat(32)])).toEqual([]);
    expect(library.byRevision([])).toEqual([]);
  });
});

describe('the database file', () => {
  const folder = mkdtempSync(join(tmpdir(), 'needlework-db-'));
  afterAll(() => rmSync(folder, { recursive: true, force: true }));

  it('is in WAL mode, and is copied beside itself before a migration changes it', () => {
    const older = join(folder, 'older-migrations');
    cpSync(migrations, older, { recursive: true });
    const journal = JSON.parse(readFileSync(join(older, 'meta', '_journal.json'), 'utf8')) as { entries: unknown[] };
    const last = readdirSync(older)
      .filter((name) => name.endsWith('.sql'))
      .sort()
      .at(-1);
    rmSync(join(older, last ?? ''));
    writeFileSync(
      join(older, 'meta', '_journal.json'),
      JSON.stringify({ ...journal, entries: journal.entries.slice(0, -1) }),
    );
    const file = join(folder, 'needlework.sqlite');
    openDatabase(file, older).close();
    const before = readdirSync(folder).filter((name) => name.includes('before-migration'));
    expect(before).toEqual([]);
    const newer = openDatabase(file, migrations);
    expect(existsSync(`${file}-wal`)).toBe(true);
    newer.close();
    expect(readdirSync(folder).filter((name) => name.includes('before-migration'))).toHaveLength(1);
    openDatabase(file, migrations).close();
    expect(readdirSync(folder).filter((name) => name.includes('before-migration'))).toHaveLength(1);
  });
});
