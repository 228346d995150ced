import { contentOf } from './content';
import { ProblemError } from './problem';

/**
 * The version a save makes: the one that is there where it says the same already. One made on an older version is
 * refused, and nothing is overwritten.
 * @param basedOn the version the save was made on; null for something new
 */
export function versionAfter(
  row: { readonly version: number; readonly body: string } | undefined,
  basedOn: number | null,
  document: object,
  name: string,
): number {
  if (!row) return 1;
  if (contentOf(JSON.parse(row.body)) === contentOf(document)) return row.version;
  if (basedOn !== row.version)
    throw new ProblemError(
      409,
      'student-changed',
      `${name} was changed somewhere else`,
      'Another page saved in between. Nothing was overwritten: look at what it says now, then save yours again.',
    );
  return row.version + 1;
}
