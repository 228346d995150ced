/** Lengths of the room were once stored as passes, a word that belongs to rolling. */
export function lengthsNotPasses(found: Readonly<Record<string, unknown>>): Readonly<Record<string, unknown>> {
  if (found['kind'] !== 'travel' || !('passes' in found)) return found;
  const { passes, ...rest } = found;
  return { ...rest, lengths: passes };
}
