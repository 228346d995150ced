import { existsSync, readFileSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { hash, verify } from '@node-rs/argon2';
import * as z from 'zod';
import { newId } from '../new-id';
import { oneForm } from './strength';

const Stored = z.strictObject({
  format: z.literal(1),
  /** Which password this is: who is in by another one is out. */
  id: z.string(),
  /** Argon2id, as a PHC string. */
  hash: z.string().startsWith('$argon2id$'),
});
type Stored = z.infer<typeof Stored>;

/** Argon2id with 19 MiB, two passes, one lane: OWASP Password Storage Cheat Sheet. The package's other form is not used. */
const cost = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

/** The file in the data folder that holds the password; no copy of the database has it. */
export const passwordFile = (folder: string): string => join(folder, 'password.json');

/**
 * The one password of a data folder. It lies as a hash in a file that its owner alone may read, and is read anew
 * whenever that file changes, so that one set from the command line counts at once.
 */
export class Password {
  private readonly path: string;
  private read: { readonly stamp: string; readonly stored: Stored | null } | null = null;

  constructor(folder: string) {
    this.path = passwordFile(folder);
  }

  /** Whether there is a file for one. One that cannot be read fits nobody, and opens nothing. */
  get isSet(): boolean {
    return existsSync(this.path);
  }

  /** Which password there is; null where there is none, or none that can be read. */
  get id(): string | null {
    return this.stored()?.id ?? null;
  }

  async fits(typed: string): Promise<boolean> {
    const stored = this.stored();
    // a hash that is cut off fits nobody
    return stored !== null && (await verify(stored.hash, oneForm(typed)).catch(() => false));
  }

  /** Sets one in the place of what there was. @returns its id */
  async set(next: string): Promise<string> {
    const stored: Stored = { format: 1, id: newId(), hash: await hash(oneForm(next), cost) };
    writeSecret(this.path, stored);
    return stored.id;
  }

  remove(): void {
    rmSync(this.path, { force: true });
  }

  private stored(): Stored | null {
    const found = statSync(this.path, { throwIfNoEntry: false });
    if (!found) return null;
    const stamp = `${found.ino} ${found.mtimeMs} ${found.size}`;
    if (this.read?.stamp !== stamp) this.read = { stamp, stored: readJson(this.path, Stored) };
    return this.read.stored;
  }
}

/** A file that its owner alone may read, there whole or not at all. */
export function writeSecret(path: string, value: unknown): void {
  writeFileSync(`${path}.part`, `${JSON.stringify(value)}\n`, { flush: true, mode: 0o600 });
  renameSync(`${path}.part`, path);
}

/** What a file holds, or null where it is not there or is none. */
export function readJson<T>(path: string, schema: z.ZodType<T>): T | null {
  try {
    return schema.safeParse(JSON.parse(readFileSync(path, 'utf8'))).data ?? null;
  } catch {
    return null;
  }
}
