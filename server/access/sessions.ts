import { createHash, randomBytes } from 'node:crypto';
import { join } from 'node:path';
import * as z from 'zod';
import { readJson, writeSecret } from './password';

const day = 86_400_000;
/** Whoever is in gives the password again after this (OWASP ASVS 4.0.3, 3.3.2: 30 days), ms. */
export const longestMs = 30 * day;
/** And after this where nothing was asked meanwhile: a class that is taught once a week does not begin with a password, ms. */
export const idleMs = 14 * day;
/** More devices than a hall has; the one that was in first goes. */
const mostSessions = 100;
/** How often it is written down that a device is still there, ms. */
const noteEvery = 3_600_000;

const Session = z.strictObject({
  /** SHA-256 of what the device holds, in hex: who reads this file is not in by it. */
  token: z.string().length(64),
  /** The password by which it came in. */
  password: z.string(),
  beganMs: z.number(),
  seenMs: z.number(),
});
type Session = z.infer<typeof Session>;
const Stored = z.strictObject({ format: z.literal(1), sessions: z.array(Session) });

/** Who is in: devices that gave the password, each until it goes, or until its time is over. */
export class Sessions {
  private readonly path: string;
  private readonly sessions: Map<string, Session>;
  private notedMs = 0;

  /** @param nowMs milliseconds since 1970 */
  constructor(
    folder: string,
    private readonly nowMs: () => number,
  ) {
    this.path = join(folder, 'sessions.json');
    const { sessions } = readJson(this.path, Stored) ?? { sessions: [] };
    this.sessions = new Map(sessions.map((session) => [session.token, session]));
  }

  /** Lets a device in. @returns what it holds from now on: 256 bits from the system's randomness */
  begin(password: string): string {
    const token = randomBytes(32).toString('base64url');
    const now = this.nowMs();
    this.dropEnded();
    const [first] = this.sessions.size >= mostSessions ? this.sessions.keys() : [];
    if (first !== undefined) this.sessions.delete(first);
    const session = { token: hashOf(token), password, beganMs: now, seenMs: now };
    this.sessions.set(session.token, session);
    this.noteIfItCan();
    return token;
  }

  /**
   * Until when a device is in that holds this, at the latest, ms; null where it is not in.
   * @param password the one there is now: who came in by an earlier one is out
   */
  until(token: string, password: string | null): number | null {
    const session = this.sessions.get(hashOf(token));
    if (session?.password !== password || this.isOver(session)) return null;
    session.seenMs = this.nowMs();
    if (session.seenMs - this.notedMs > noteEvery) this.noteIfItCan();
    return session.beganMs + longestMs;
  }

  end(token: string): void {
    if (this.sessions.delete(hashOf(token))) this.note();
  }

  endAll(): void {
    this.sessions.clear();
    this.note();
  }

  private isOver({ beganMs, seenMs }: Session): boolean {
    const now = this.nowMs();
    return now - beganMs >= longestMs || now - seenMs >= idleMs;
  }

  private dropEnded(): void {
    for (const session of this.sessions.values()) if (this.isOver(session)) this.sessions.delete(session.token);
  }

  /** Who is in is in also where the disk is full: they are asked again after the next start, and no sooner. */
  private noteIfItCan(): void {
    try {
      this.note();
    } catch {
      return;
    }
  }

  private note(): void {
    this.notedMs = this.nowMs();
    writeSecret(this.path, { format: 1, sessions: [...this.sessions.values()] });
  }
}

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');
