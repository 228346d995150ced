import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { isIP } from 'node:net';
import { hostname, networkInterfaces } from 'node:os';
import { join } from 'node:path';
import { type SelfsignedOptions, generate } from 'selfsigned';

/**
 * `npm run certificate -- NAME …`: a certificate for this machine in the room, and one to be trusted by the other
 * devices. Without names it is for the machine's own name and addresses. A second time the trusted one stays as it is.
 */
const folder = 'data/certificate';
const day = 86_400_000;
/** No browser takes a server's certificate for longer (398 days: from memory). */
const serverDays = 397;
const trustedYears = 10;

const addresses = Object.values(networkInterfaces()).flatMap((list) => (list ?? []).map(({ address }) => address));
const given = process.argv.slice(2);
const names = given.length > 0 ? given : [hostname(), `${hostname()}.local`, ...addresses];
const all = [...new Set([...names, 'localhost', '127.0.0.1'])];

async function main(): Promise<void> {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const at = (name: string) => join(folder, name);
  const trusted = { cert: at('trust-me.crt'), key: at('trust-me.key') };
  if (!existsSync(trusted.key)) {
    const made = await generate([{ name: 'commonName', value: `Needlework on ${hostname()}` }], {
      ...usual(trustedYears * 365),
      extensions: [
        { name: 'basicConstraints', cA: true, critical: true },
        { name: 'keyUsage', keyCertSign: true, cRLSign: true, critical: true },
      ],
    });
    writeFileSync(trusted.key, made.private, { mode: 0o600 });
    writeFileSync(trusted.cert, made.cert);
  }
  const ca = { cert: readFileSync(trusted.cert, 'utf8'), key: readFileSync(trusted.key, 'utf8') };
  const made = await generate([{ name: 'commonName', value: all[0] ?? 'localhost' }], {
    ...usual(serverDays),
    ca,
    extensions: [
      { name: 'basicConstraints', cA: false, critical: true },
      { name: 'keyUsage', digitalSignature: true, keyEncipherment: true, critical: true },
      { name: 'extKeyUsage', serverAuth: true },
      {
        name: 'subjectAltName',
        altNames: all.map((name) => (isIP(name) === 0 ? { type: 2, value: name } : { type: 7, ip: name })),
      },
    ],
  });
  writeFileSync(at('server.key'), made.private, { mode: 0o600 });
  writeFileSync(at('server.crt'), made.cert);
  console.log(`For: ${all.join(', ')}
On each tablet, trust ${trusted.cert} (docs/OTHER-DEVICES.md says how). The two .key files stay here.
Then: npm start -- --host 0.0.0.0 --cert ${at('server.crt')} --key ${at('server.key')}`);
}

const usual = (days: number): SelfsignedOptions => ({
  keySize: 2048,
  algorithm: 'sha256',
  notBeforeDate: new Date(Date.now() - day),
  notAfterDate: new Date(Date.now() + days * day),
});

void main();
