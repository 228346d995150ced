import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { get } from 'node:https';
import type { AddressInfo } from 'node:net';
import { generate } from 'selfsigned';
import { type ListeningAsked, readListening, serverFor } from './listening';
import { StartFault } from './start-fault';

const now = new Date('2026-11-24T12:00:00Z');
const usual: ListeningAsked = { host: '127.0.0.1', port: 4310, names: [], password: false, data: 'data/own' };
const wordsOf = (asked: Partial<ListeningAsked>): string => {
  try {
    readListening({ ...usual, ...asked }, now);
    return '';
  } catch (error) {
    if (error instanceof StartFault) return error.message;
    throw error;
  }
};

describe('where the server listens', () => {
  const folder = mkdtempSync(join(tmpdir(), 'needlework-'));
  const [cert, key, otherKey, old] = ['server.crt', 'server.key', 'other.key', 'old.crt'].map((name) =>
    join(folder, name),
  );
  const made = (from: string, to: string) =>
    generate([{ name: 'commonName', value: 'hall.test' }], {
      keySize: 2048,
      algorithm: 'sha256',
      notBeforeDate: new Date(from),
      notAfterDate: new Date(to),
      extensions: [
        {
          name: 'subjectAltName',
          altNames: [
            { type: 2, value: 'hall.test' },
            { type: 2, value: '*.hall.test' },
            { type: 7, ip: '192.0.2.7' },
          ],
        },
      ],
    });
  let pem: string;

  beforeAll(async () => {
    const [one, other] = await Promise.all([made('2026-01-01', '2036-01-01'), made('2026-01-01', '2036-01-01')]);
    pem = one.cert;
    writeFileSync(cert!, one.cert);
    writeFileSync(key!, one.private);
    writeFileSync(otherKey!, other.private);
  }, 60_000);
  afterAll(() => rmSync(folder, { recursive: true, force: true }));

  it('is this machine alone, under its two names, unless somebody says otherwise', () => {
    const { hosts, urls, secure } = readListening(usual, now);
    expect([...hosts]).toEqual(['127.0.0.1:4310', 'localhost:4310']);
    expect([urls, secure]).toEqual([['http://127.0.0.1:4310'], null]);
  });

  it('is open to a network only with a password, and says how one is set', () => {
    for (const host of ['0.0.0.0', '::', '192.0.2.7', 'hall.test'])
      expect(wordsOf({ host })).toContain('needs a password first. Set one: npm run password -- --data data/own');
    for (const host of ['127.0.0.1', '127.9.9.9', '::1', 'localhost']) expect(wordsOf({ host })).toBe('');
    expect(wordsOf({ host: '0.0.0.0', password: true })).toBe('');
  });

  it('answers to the names of its certificate and to those it is given, and to no star', () => {
    const { hosts, urls } = readListening({ ...usual, cert, key, names: ['studio.test'] }, now);
    for (const host of ['hall.test:4310', '192.0.2.7:4310', 'studio.test:4310', '127.0.0.1:4310'])
      expect([...hosts]).toContain(host);
    expect([...hosts].some((host) => host.includes('*'))).toBe(false);
    expect(urls).toEqual(['https://hall.test:4310', 'https://192.0.2.7:4310', 'https://studio.test:4310']);
  });

  it('answers without a port where a browser leaves it out', () => {
    const { hosts } = readListening({ ...usual, port: 443, cert, key }, now);
    expect([...hosts]).toEqual(expect.arrayContaining(['hall.test', 'hall.test:443']));
    expect([...readListening({ ...usual, port: 443 }, now).hosts]).not.toContain('localhost');
  });

  it('half a certificate, none, another’s key: each is said in words, and nothing starts', () => {
    expect(wordsOf({ cert })).toContain('go together');
    expect(wordsOf({ key })).toContain('go together');
    expect(wordsOf({ cert: join(folder, 'nowhere'), key })).toContain('cannot be read');
    expect(wordsOf({ cert: key, key })).toContain('is no certificate');
    expect(wordsOf({ cert, key: cert })).toContain('is no key');
    expect(wordsOf({ cert, key: otherKey })).toContain('is not the key of');
  });

  it('says that a certificate ran out, before any browser does', async () => {
    const gone = await made('2024-01-01', '2025-01-01');
    writeFileSync(old!, gone.cert);
    writeFileSync(otherKey!, gone.private);
    expect(wordsOf({ cert: old, key: otherKey })).toContain('ran out on');
  });

  it('serves what it is given over HTTPS', async () => {
    const server = serverFor(readListening({ ...usual, cert, key }, now), (_request, response) => response.end('here'));
    await new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready));
    const { port } = server.address() as AddressInfo;
    const said = await new Promise<string>((answer, fail) => {
      get(
        { host: '127.0.0.1', port, servername: 'hall.test', ca: pem, checkServerIdentity: () => undefined },
        (response) => {
          response.setEncoding('utf8');
          response.on('data', answer);
        },
      ).on('error', fail);
    });
    expect(said).toBe('here');
    server.close();
  });
});
