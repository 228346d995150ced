import { X509Certificate, createPrivateKey } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { type Server, type RequestListener, createServer } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { BlockList, isIP } from 'node:net';
import { networkInterfaces } from 'node:os';
import { StartFault } from './start-fault';

/** What was asked for on the command line, as it was typed. */
export interface ListeningAsked {
  readonly host: string;
  readonly port: number;
  /** Names by which other devices call this machine, beside those in the certificate. */
  readonly names: readonly string[];
  /** Paths of PEM files. */
  readonly cert?: string | undefined;
  readonly key?: string | undefined;
  /** Whether there is a password, and the folder it belongs to. */
  readonly password: boolean;
  readonly data: string;
}

/** Where the server listens, and by which names it may be called. */
export interface Listening {
  readonly host: string;
  readonly port: number;
  readonly secure: { readonly cert: string; readonly key: string } | null;
  /** Whether other devices reach it. */
  readonly others: boolean;
  /** Values of the Host header that are its own. */
  readonly hosts: ReadonlySet<string>;
  /** Addresses to open, the best one first. */
  readonly urls: readonly string[];
}

const loopback = new BlockList();
loopback.addSubnet('127.0.0.0', 8, 'ipv4');
loopback.addAddress('::1', 'ipv6');
const isHere = (host: string): boolean =>
  host === 'localhost' || (isIP(host) !== 0 && loopback.check(host, isIP(host) === 6 ? 'ipv6' : 'ipv4'));
const isEverywhere = (host: string): boolean => host === '0.0.0.0' || host === '::';

/**
 * Reads where to listen. Nothing is bound yet.
 * @throws StartFault in words: half a certificate, one that cannot be read, does not fit its key or has run out; an
 * address that others reach, where there is no password
 */
export function readListening(asked: ListeningAsked, now: Date): Listening {
  const { host, port, names } = asked;
  const others = !isHere(host);
  if (others && !asked.password)
    throw new StartFault(
      `--host ${host} opens Needlework to every device of this network, also what is kept of people, so it needs a password first. Set one: npm run password -- --data ${asked.data}`,
    );
  const secure = readCertificate(asked, now);
  const own = isEverywhere(host) ? addressesHere() : [host];
  const called = [...new Set([...(secure?.names ?? []), ...names, '127.0.0.1', 'localhost', ...own])];
  const usual = secure ? 443 : 80;
  const hosts = called
    .map(inAddress)
    .flatMap((name) => (port === usual ? [name, `${name}:${port}`] : [`${name}:${port}`]));
  const protocol = secure ? 'https' : 'http';
  const best = isHere(host) && names.length === 0 && !secure ? [host] : called.filter((name) => !isHere(name));
  const opened = best.length > 0 ? best : ['127.0.0.1'];
  return {
    host,
    port,
    secure: secure && { cert: secure.cert, key: secure.key },
    others,
    hosts: new Set(hosts),
    urls: opened.map((name) => `${protocol}://${inAddress(name)}:${port}`),
  };
}

/** The server itself, with or without a certificate; it answers nothing yet but what it is given. */
export const serverFor = ({ secure }: Listening, answer: RequestListener): Server =>
  secure ? createSecureServer(secure, answer) : createServer(answer);

const inAddress = (name: string): string => (isIP(name) === 6 ? `[${name}]` : name);

const addressesHere = (): string[] =>
  Object.values(networkInterfaces()).flatMap((list) => (list ?? []).map(({ address }) => address));

interface Certificate {
  readonly cert: string;
  readonly key: string;
  readonly names: readonly string[];
}

function readCertificate({ cert: certPath, key: keyPath }: ListeningAsked, now: Date): Certificate | null {
  if (certPath === undefined && keyPath === undefined) return null;
  if (certPath === undefined || keyPath === undefined)
    throw new StartFault('A certificate and its key go together: --cert FILE --key FILE.');
  const [cert, key] = [read(certPath), read(keyPath)];
  const found = inWords(() => new X509Certificate(cert), `${certPath} is no certificate (PEM).`);
  const own = inWords(() => createPrivateKey(key), `${keyPath} is no key (PEM), or it asks for a password.`);
  if (!found.checkPrivateKey(own)) throw new StartFault(`${keyPath} is not the key of ${certPath}.`);
  if (new Date(found.validTo) < now)
    throw new StartFault(
      `${certPath} ran out on ${found.validTo}; browsers would refuse it. Make another: npm run certificate.`,
    );
  return { cert, key, names: namesIn(found) };
}

function read(path: string): string {
  return inWords(() => readFileSync(path, 'utf8'), `${path} cannot be read.`);
}

function inWords<T>(find: () => T, words: string): T {
  try {
    return find();
  } catch {
    throw new StartFault(words);
  }
}

/** The names and addresses a certificate is for; a name with a star is for none that can be listed. */
const namesIn = ({ subjectAltName }: X509Certificate): string[] =>
  (subjectAltName ?? '')
    .split(', ')
    .flatMap((entry) => /^(?:DNS|IP Address):(.+)$/.exec(entry)?.[1] ?? [])
    .filter((name) => !name.includes('*'));
