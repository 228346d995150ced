import { mkdirSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import request from 'supertest';
import { Access, Strength } from '@core/contract';
import { testServer } from '../testing/server';
import { wrongTries } from './door';
import { Password, passwordFile } from './password';
import { Sessions, idleMs, longestMs } from './sessions';
import { oneForm, strengthOf } from './strength';

const host = '127.0.0.1:4310';
const right = 'copper lantern sings to herring';
const day = 86_400_000;

/** A hall with a door: what is asked, by which device, and when. */
class Hall {
  readonly folder = mkdtempSync(join(tmpdir(), 'needlework-door-'));
  nowMs = Date.UTC(2026, 9, 1, 12);
  private server: ReturnType<typeof testServer>;

  constructor(private readonly how: { readonly others: boolean; readonly secure: boolean }) {
    this.server = this.start();
  }

  private start() {
    const sessions = new Sessions(this.folder, () => this.nowMs);
    return testServer({ door: { password: new Password(this.folder), sessions, port: 4310, ...this.how } });
  }

  /** Ends the server and starts another on the same folder. */
  again(): void {
    this.server.close();
    this.server = this.start();
  }

  get faults(): readonly unknown[] {
    return this.server.faults;
  }

  ask(method: 'get' | 'post' | 'put' | 'delete', path: string, cookie = '', body?: object) {
    return request(this.server.app)[method](path).set('Host', host).set('Cookie', cookie).send(body);
  }

  /** Gives a password. @returns what the device holds from then on, as a cookie; empty where it was not let in */
  async signIn(password = right): Promise<string> {
    return cookieOf(await this.ask('post', '/api/access', '', { password }));
  }

  async access(cookie = ''): Promise<Access> {
    return Access.parse((await this.ask('get', '/api/access', cookie)).body);
  }

  /** Whether a device sees the classes. */
  async sees(cookie: string): Promise<boolean> {
    return (await this.ask('get', '/api/classes', cookie)).status === 200;
  }

  close(): void {
    this.server.close();
    rmSync(this.folder, { recursive: true, force: true });
  }
}

const setCookie = ({ headers }: request.Response): string => {
  const set: unknown = headers['set-cookie'];
  return Array.isArray(set) ? String(set[0]) : '';
};
const cookieOf = (answer: request.Response): string => setCookie(answer).split(';')[0] ?? '';

describe('a hall whose server other devices reach', () => {
  let hall: Hall;
  beforeEach(async () => {
    hall = new Hall({ others: true, secure: false });
    await new Password(hall.folder).set(right);
  });
  afterEach(() => {
    expect(hall.faults).toEqual([]);
    hall.close();
  });

  it('shows nothing, takes nothing and looks into no file before the password; that it is there anybody may know', async () => {
    for (const path of ['/api/classes', '/api/people', '/api/copies', '/api/nowhere', '/api/devices/plate'])
      expect((await hall.ask('get', path)).body).toMatchObject({ status: 401, code: 'locked' });
    const saved = await hall.ask('put', '/api/preferences', '', { anything: 1 });
    const sent = await hall.ask('post', '/api/coming', '', { anything: 1 });
    expect([saved.status, sent.status]).toEqual([401, 401]);
    expect((await hall.ask('get', '/api/health')).status).toBe(200);
    expect(await hall.access()).toEqual({
      password: true,
      signedIn: false,
      until: null,
      others: true,
      encrypted: false,
    });
  });

  it('lets in who gives the password, and tells until when', async () => {
    const cookie = await hall.signIn();
    expect(await hall.sees(cookie)).toBe(true);
    expect(await hall.access(cookie)).toMatchObject({
      signedIn: true,
      until: new Date(hall.nowMs + longestMs).toISOString(),
    });
    expect(await hall.sees(`${cookie.slice(0, -1)}${cookie.endsWith('A') ? 'B' : 'A'}`)).toBe(false);
  });

  it('gives a device something that no page can read, no other site can send, and only this server is sent', async () => {
    const set = setCookie(await hall.ask('post', '/api/access', '', { password: right }));
    expect(set).toMatch(
      /^needlework-4310=[\w-]{43}; Max-Age=2592000; Path=\/; Expires=[^;]+; HttpOnly; SameSite=Strict$/,
    );
  });

  it('tells a wrong password, sets nothing, and is done with trying after ten; the right one counts for nothing then', async () => {
    for (let i = 0; i < wrongTries.fromOne; i++) {
      const answer = await hall.ask('post', '/api/access', '', { password: `wrong lantern ${i}` });
      expect([answer.status, (answer.body as { code: string }).code, setCookie(answer)]).toEqual([
        403,
        'wrong-password',
        '',
      ]);
    }
    const answer = await hall.ask('post', '/api/access', '', { password: right });
    expect(answer.body).toMatchObject({ status: 429, code: 'too-often' });
    expect(Number(answer.headers['retry-after'])).toBeGreaterThan(600);
  });

  it('counts only what was wrong: a hall full of tablets gets in', async () => {
    for (let i = 0; i < wrongTries.fromOne + 2; i++) expect(await hall.signIn()).not.toBe('');
  });

  it('asks again after thirty days, or fourteen without a question; a class once a week goes on', async () => {
    const [weekly, left] = [await hall.signIn(), await hall.signIn()];
    hall.nowMs += 7 * day;
    expect(await hall.sees(weekly)).toBe(true);
    hall.nowMs += idleMs - 7 * day;
    expect([await hall.sees(weekly), await hall.sees(left)]).toEqual([true, false]);
    hall.nowMs += 13 * day;
    expect(await hall.sees(weekly)).toBe(true);
    hall.nowMs += 3 * day;
    expect(await hall.sees(weekly)).toBe(false);
  });

  it('lets a device out when it says so, and all of them when one does', async () => {
    const [mine, tablet, third] = [await hall.signIn(), await hall.signIn(), await hall.signIn()];
    await hall.ask('delete', '/api/access', mine).expect(204);
    expect([await hall.sees(mine), await hall.sees(tablet)]).toEqual([false, true]);
    expect((await hall.ask('delete', '/api/access/all')).status).toBe(401);
    await hall.ask('delete', '/api/access/all', tablet).expect(204);
    expect([await hall.sees(tablet), await hall.sees(third)]).toEqual([false, false]);
  });

  it('keeps who is in when it is started anew, and keeps neither password nor what a device holds in the clear', async () => {
    const cookie = await hall.signIn();
    hall.again();
    expect(await hall.sees(cookie)).toBe(true);
    const [passwords, sessions] = ['password.json', 'sessions.json'].map((name) => join(hall.folder, name));
    expect(readFileSync(passwords!, 'utf8')).toContain('$argon2id$v=19$m=19456,t=2,p=1$');
    expect(readFileSync(passwords!, 'utf8')).not.toContain('lantern');
    expect(readFileSync(sessions!, 'utf8')).not.toContain(cookie.split('=')[1]);
    for (const path of [passwords!, sessions!]) expect((statSync(path).mode & 0o777).toString(8)).toBe('600');
  });

  it('lets in also where it cannot be written down: a full disk keeps nobody out, now or on later questions', async () => {
    mkdirSync(join(hall.folder, 'sessions.json.part'));
    const cookie = await hall.signIn();
    hall.nowMs += day;
    expect(await hall.sees(cookie)).toBe(true);
  });

  it('changes the password for who knows the old one; every other device is out', async () => {
    const [mine, other] = [await hall.signIn(), await hall.signIn()];
    const next = 'walnut harbour quilt eleven';
    const change = (cookie: string, current: string | null, to = next) =>
      hall.ask('put', '/api/access/password', cookie, { current, next: to });
    expect((await change('', right)).status).toBe(401);
    expect((await change(mine, null)).body).toMatchObject({ code: 'wrong-password' });
    expect((await change(mine, 'wrong lantern')).body).toMatchObject({ code: 'wrong-password' });
    expect((await change(mine, right, 'passwordpassword')).body).toMatchObject({ code: 'password-refused' });
    const kept = cookieOf(await change(mine, right).expect(204));
    expect(await Promise.all([mine, other, kept].map((cookie) => hall.sees(cookie)))).toEqual([false, false, true]);
    expect([await hall.signIn(), await hall.signIn(next)]).toEqual(['', expect.stringMatching(/^needlework/)]);
  });

  it('counts a password that is set on the machine itself at once, and who came in by the old one is out', async () => {
    const cookie = await hall.signIn();
    await new Password(hall.folder).set('walnut harbour quilt eleven');
    expect(await hall.sees(cookie)).toBe(false);
    expect(await hall.signIn('walnut harbour quilt eleven')).not.toBe('');
  });

  it('stays locked where the password is gone or cannot be read, and lets nobody set one from afar', async () => {
    const cookie = await hall.signIn();
    const cut = JSON.stringify({ format: 1, id: 'cut', hash: '$argon2id$v=19$m=19456,t=2,p=1$c2FsdA' });
    for (const text of ['{"format":1', cut]) {
      writeFileSync(passwordFile(hall.folder), text);
      expect([await hall.sees(cookie), await hall.signIn()]).toEqual([false, '']);
    }
    rmSync(passwordFile(hall.folder));
    expect([await hall.sees(cookie), await hall.signIn()]).toEqual([false, '']);
    expect((await hall.ask('put', '/api/access/password', cookie, { current: null, next: right })).status).toBe(401);
    await new Password(hall.folder).set(right);
    expect((await hall.ask('delete', '/api/access/password', await hall.signIn(), { current: right })).status).toBe(
      409,
    );
  });

  it('refuses what is no password at all, and lets no other page give one', async () => {
    for (const body of [{}, { password: '' }, { password: 7 }, { password: 'a'.repeat(129) }, { password: [right] }])
      expect((await hall.ask('post', '/api/access', '', body)).status).toBe(422);
    const elsewhere = await hall
      .ask('post', '/api/access', '', { password: right })
      .set('Origin', 'http://elsewhere.test');
    expect([elsewhere.status, setCookie(elsewhere)]).toEqual([403, '']);
  });
});

describe('a hall by HTTPS', () => {
  it('gives what only HTTPS carries, and says that it is not asked for in the clear again', async () => {
    const hall = new Hall({ others: true, secure: true });
    await new Password(hall.folder).set(right);
    const answer = await hall.ask('post', '/api/access', '', { password: right });
    expect(setCookie(answer)).toMatch(/^__Host-needlework-4310=.*; Path=\/; .*HttpOnly; Secure; SameSite=Strict$/);
    expect(answer.headers['strict-transport-security']).toBe('max-age=15724800');
    expect((await hall.access()).encrypted).toBe(true);
    hall.close();
  });
});

describe('a machine that nobody else reaches', () => {
  it('is open until a password is set there, asks for it then, and is open again without', async () => {
    const hall = new Hall({ others: false, secure: false });
    expect(await hall.sees('')).toBe(true);
    expect(await hall.access()).toMatchObject({ password: false, signedIn: true, encrypted: true });
    const set = await hall.ask('put', '/api/access/password', '', { current: null, next: right }).expect(204);
    expect([await hall.sees(''), await hall.sees(cookieOf(set))]).toEqual([false, true]);
    const wrong = await hall.ask('delete', '/api/access/password', cookieOf(set), { current: 'wrong lantern' });
    expect(wrong.body).toMatchObject({ code: 'wrong-password' });
    await hall.ask('delete', '/api/access/password', cookieOf(set), { current: right }).expect(204);
    expect(await hall.sees('')).toBe(true);
    hall.close();
  });
});

describe('a password', () => {
  it('is twelve letters or more, common to nobody, and of whatever letters', async () => {
    const refused = async (password: string) => (await strengthOf(password)).refused;
    expect(await refused('kQ7!x9')).toContain('At least 12 letters; this has 6');
    // from lists of common passwords, repeated, a row of keys, and what stands on the door
    for (const password of ['passwordpassword', 'qwertyuiopasdf', '123456789012', 'aaaaaaaaaaaaaaaa', 'needlework12'])
      expect(await refused(password)).toContain('made of what is common');
    // a hundred letters of some kinds would hold the server up for seconds, ten times as long as forty do
    const quickest = async (password: string) => {
      const times: number[] = [];
      for (let i = 0; i < 3; i++) {
        const began = performance.now();
        expect(await refused(password)).toContain('made of what is common');
        times.push(performance.now() - began);
      }
      return Math.min(...times);
    };
    expect(await quickest('p@55w0rd'.repeat(16))).toBeLessThan(4 * (await quickest('p@55w0rd'.repeat(5))));
    for (const password of [right, 'здравствуй синяя лодка', 'ab ab ab ab cormorant brass'])
      expect(await refused(password)).toBeNull();
  });

  it('tells how hard it is to guess while it is typed, to who is in alone', async () => {
    const hall = new Hall({ others: false, secure: false });
    const judged = await hall.ask('post', '/api/access/strength', '', { password: right });
    expect(Strength.parse(judged.body)).toEqual({ score: 4, refused: null });
    await new Password(hall.folder).set(right);
    expect((await hall.ask('post', '/api/access/strength', '', { password: right })).status).toBe(401);
    hall.close();
  });

  it('is the same however the keyboard puts its accents together', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'needlework-door-'));
    const password = new Password(folder);
    await password.set('caf\u00e9 lantern herring');
    expect(await password.fits('cafe\u0301 lantern herring')).toBe(true);
    expect(oneForm('e\u0301')).toBe('\u00e9');
    rmSync(folder, { recursive: true });
  });
});
