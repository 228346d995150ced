import { readdirSync, statSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import type { KeptCopy } from '@core/contract';

/** Copies that were made beside the database, oldest first: they hold what was deleted since. None for one in memory. */
export function copiesBeside(file: string): KeptCopy[] {
  if (file === ':memory:') return [];
  const name = basename(file);
  return readdirSync(dirname(file))
    .filter((found) => found.startsWith(`${name}.before-migration-`) && !found.endsWith('.part'))
    .map((found) => ({ name: found, madeAt: statSync(join(dirname(file), found)).mtime.toISOString() }))
    .sort((a, b) => a.madeAt.localeCompare(b.madeAt));
}
