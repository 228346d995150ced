import cookieParser from 'cookie-parser';
import express, { type CookieOptions, type Request, type RequestHandler, type Response, Router } from 'express';
import { rateLimit } from 'express-rate-limit';
import { type Access, RemovePassword, SetPassword, SignIn, StrengthAsked, type Problem } from '@core/contract';
import { ProblemError, readBody } from '../problem';
import type { Password } from './password';
import { type Sessions, longestMs } from './sessions';
import { strengthOf } from './strength';

/** Who gets in, and how the server is reached. */
export interface Door {
  readonly password: Password;
  readonly sessions: Sessions;
  /** Whether other devices reach it: then nobody is in without a password, also where there is none. */
  readonly others: boolean;
  /** By HTTPS. */
  readonly secure: boolean;
  /** Two servers of one machine share a browser's cookies: each has a name of its own. */
  readonly port: number;
}

/** How often a password may be wrong: from one address in a quarter of an hour, and from all in an hour (OWASP ASVS 4.0.3, 2.2.1). */
export const wrongTries = { fromOne: 10, fromAll: 100 } as const;

const asks = ({ password, others }: Door): boolean => others || password.isSet;
/** With the prefix a browser takes it from this server alone, and by HTTPS alone (RFC 6265bis, 4.1.3.2). */
const cookieName = ({ secure, port }: Door): string => `${secure ? '__Host-' : ''}needlework-${port}`;
const cookieOptions = ({ secure }: Door): CookieOptions => ({
  httpOnly: true,
  sameSite: 'strict',
  secure,
  path: '/',
});

/** What a device holds; null where it holds nothing. */
function tokenOf(door: Door, { cookies }: Request): string | null {
  const held: unknown = (cookies as Readonly<Record<string, unknown>> | undefined)?.[cookieName(door)];
  return typeof held === 'string' ? held : null;
}

/** Until when whoever asks is in, ms; null where they are not. */
function inUntil(door: Door, request: Request): number | null {
  const token = tokenOf(door, request);
  return token === null ? null : door.sessions.until(token, door.password.id);
}

/** Keeps out whoever did not give the password. What is left open: whether the server is there, and the door itself. */
export function keptOut(door: Door): RequestHandler {
  return (request, _response, next) => {
    if (!asks(door) || request.path === '/health' || inUntil(door, request) !== null) return next();
    throw locked();
  };
}

const locked = () =>
  refusal(
    401,
    'locked',
    'Locked',
    'Give the password first. What you did here is kept in this browser, and sent then.',
  );

const refusal = (status: number, code: Problem['code'], title: string, detail: string) =>
  new ProblemError(status, code, title, detail);

/** The door: who is in, coming in, going out, another password. */
export function doorRouter(door: Door): RequestHandler {
  const { password, sessions } = door;
  const router = Router();
  router.use(cookieParser());
  const access = Router();
  access.use(express.json({ limit: '10kb' }));

  access.get('/', (request, response) => void response.json(accessOf(door, request)));

  access.post('/', ...fewTries(), async ({ body }, response) => {
    if (!(await password.fits(readBody(SignIn, body).password))) throw wrongPassword();
    letIn(door, response);
    response.status(204).end();
  });

  access.delete('/', (request, response) => {
    const token = tokenOf(door, request);
    if (token !== null) sessions.end(token);
    response.clearCookie(cookieName(door), cookieOptions(door)).status(204).end();
  });

  access.use(keptOut(door));

  access.delete('/all', (_request, response) => {
    sessions.endAll();
    response.clearCookie(cookieName(door), cookieOptions(door)).status(204).end();
  });

  access.post('/strength', async ({ body }, response) => {
    response.json(await strengthOf(readBody(StrengthAsked, body).password));
  });

  const sure = fewTries();
  access.put('/password', ...sure, async ({ body }, response) => {
    const { current, next } = readBody(SetPassword, body);
    if (password.isSet && (current === null || !(await password.fits(current)))) throw wrongPassword();
    const { refused } = await strengthOf(next);
    if (refused !== null) throw refusal(422, 'password-refused', 'This password is not taken', refused);
    // whoever came in by the one before is out by it; who changed it is in
    await password.set(next);
    letIn(door, response);
    response.status(204).end();
  });

  access.delete('/password', ...sure, async ({ body }, response) => {
    if (!(await password.fits(readBody(RemovePassword, body).current))) throw wrongPassword();
    if (door.others)
      throw refusal(
        409,
        'password-refused',
        'The password stays',
        'Other devices reach this server, so it needs one. Start it without --host first.',
      );
    password.remove();
    response.clearCookie(cookieName(door), cookieOptions(door)).status(204).end();
  });

  router.use('/access', access);
  return router;
}

const wrongPassword = () =>
  refusal(
    403,
    'wrong-password',
    'That is not the password',
    'Nothing was changed. Mind capitals, and the language of the keyboard.',
  );

function letIn(door: Door, response: Response): void {
  const id = door.password.id;
  if (id === null) throw locked();
  const token = door.sessions.begin(id);
  response.cookie(cookieName(door), token, { ...cookieOptions(door), maxAge: longestMs });
}

function accessOf(door: Door, request: Request): Access {
  const until = inUntil(door, request);
  const asked = asks(door);
  return {
    password: asked,
    signedIn: !asked || until !== null,
    until: asked && until !== null ? new Date(until).toISOString() : null,
    others: door.others,
    encrypted: door.secure || !door.others,
  };
}

/** Lets nobody try passwords one after the other: what was right does not count. */
function fewTries(): RequestHandler[] {
  const limited = (limit: number, minutes: number, everybody: boolean): RequestHandler =>
    rateLimit({
      windowMs: minutes * 60_000,
      limit,
      skipSuccessfulRequests: true,
      standardHeaders: 'draft-8',
      legacyHeaders: false,
      ...(everybody ? { keyGenerator: () => 'everybody' } : {}),
      handler: (_request, _response, next) =>
        next(
          refusal(
            429,
            'too-often',
            'Too many wrong passwords',
            `Wait ${minutes < 60 ? 'a quarter of an hour' : 'an hour'}, then try again. Who is in stays in. Another password can be set on the machine itself: npm run password.`,
          ),
        ),
    });
  return [limited(wrongTries.fromOne, 15, false), limited(wrongTries.fromAll, 60, true)];
}
