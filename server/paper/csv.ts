import { stringify } from 'csv-stringify/sync';

/** A table as CSV (RFC 4180), in UTF-8 that says so, since some programs read it as something else. */
export const csvOf = (rows: readonly (readonly string[])[]): string =>
  stringify(
    rows.map((row) => [...row]),
    { bom: true, record_delimiter: 'windows' },
  );
