import fc from 'fast-check';

/** What nobody means: numbers at the ends, texts that want to be something else, forms that are none. */
const odd: readonly unknown[] = [
  null,
  true,
  0,
  -1,
  0.5,
  1e308,
  2 ** 53,
  '',
  ' ',
  'a'.repeat(5000),
  '\u0000',
  '\ud800',
  '../../../needlework.sqlite',
  "'; drop table classes; --",
  '<img src=x onerror=alert(1)>',
  '=1+1',
  '2026-02-30',
  '9999-12-31T23:59:59.999Z',
  [],
  {},
  JSON.parse('{"__proto__":{"admin":true},"constructor":1}'),
  JSON.parse(`${'['.repeat(300)}${']'.repeat(300)}`),
];

export interface Change {
  readonly path: readonly number[];
  readonly op: 'replace' | 'remove' | 'add' | 'twice' | 'borrow';
  readonly value: number;
}
export const change: fc.Arbitrary<Change> = fc.record({
  path: fc.array(fc.nat(40), { minLength: 1, maxLength: 9 }),
  op: fc.constantFrom('replace', 'remove', 'add', 'twice', 'borrow'),
  value: fc.nat(10_000),
});

export const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null;

/** A value with something in it changed, somewhere down the path; the value itself stays as it was. */
export function changed(value: unknown, changes: readonly Change[]): unknown {
  let whole = structuredClone(value);
  for (const { path, op, value: nth } of changes) {
    let at: unknown = whole;
    let above: Record<string, unknown> | null = null;
    let key = '';
    for (const step of path) {
      if (!isRecord(at) || Object.keys(at).length === 0) break;
      const keys = Object.keys(at);
      above = at;
      key = keys[step % keys.length] ?? '';
      at = at[key];
    }
    const other = structuredClone(odd[nth % odd.length]);
    if (!above) whole = other;
    else if (op === 'remove' && Array.isArray(above)) above.splice(Number(key), 1);
    else if (op === 'remove') delete above[key];
    else if (op === 'add') above[Array.isArray(above) ? above.length : `more${nth}`] = other;
    else if (op === 'twice' && Array.isArray(above)) above.push(structuredClone(above[Number(key)]));
    else if (op === 'borrow') above[key] = Object.values(above)[nth % Object.keys(above).length];
    else above[key] = other;
  }
  return whole;
}

/** Ids that are none, or somebody's idea of a way out of the folder. */
export const oddIds = [
  '',
  '.',
  '..',
  '../needlework',
  '../../password.json',
  '%00',
  '\u0000',
  'a'.repeat(3000),
  '__proto__',
  'constructor',
  '🩰',
  "' or 1=1 --",
];

/** What may happen to the bytes of a file on its way. */
export const anyCuts = fc.array(
  fc.record({
    at: fc.double({ min: 0, max: 1, noNaN: true }),
    op: fc.constantFrom('cut', 'byte', 'twice', 'drop', 'word'),
    value: fc.nat(255),
  }),
  { maxLength: 3 },
);

type Cuts = typeof anyCuts extends fc.Arbitrary<infer T> ? T : never;

/** A file whose bytes were cut off, changed, doubled or left out on the way. */
export function spoilt(bytes: Buffer, cuts: Cuts): Buffer {
  let left = bytes;
  for (const { at, op, value } of cuts) {
    const from = Math.floor(at * left.length);
    const [before, after] = [left.subarray(0, from), left.subarray(from)];
    if (op === 'cut') left = before;
    else if (op === 'twice') left = Buffer.concat([before, after.subarray(0, value), after]);
    else if (op === 'drop') left = Buffer.concat([before, after.subarray(value)]);
    else if (op === 'word') left = Buffer.concat([before, Buffer.from(JSON.stringify(odd[value % odd.length])), after]);
    else left = Buffer.concat([before, Buffer.of(value), after.subarray(1)]);
  }
  return left;
}
