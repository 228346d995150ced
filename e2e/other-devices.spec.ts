import { X509Certificate, createHash } from 'node:crypto';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type Page, chromium, expect, test } from '@playwright/test';
import { generate } from 'selfsigned';
import config from './playwright.config';
import { OwnServer } from './own-server';

const day = 86_400_000;
let server: OwnServer | null = null;
test.afterEach(() => server?.remove());
const launch = config.use?.launchOptions ?? {};

/** Another device of the room: it knows this machine by a name, as a tablet does. */
async function device(at: string, trusts: readonly string[], use: (page: Page) => Promise<void>): Promise<void> {
  const browser = await chromium.launch({
    ...launch,
    args: [
      ...(launch.args ?? []),
      '--host-resolver-rules=MAP hall.test 127.0.0.1',
      // what a device does with a certificate that was put among those it trusts
      ...(trusts.length > 0 ? [`--ignore-certificate-errors-spki-list=${trusts.join(',')}`] : []),
    ],
  });
  const context = await browser.newContext({ baseURL: at, reducedMotion: 'reduce', serviceWorkers: 'allow' });
  await use(await context.newPage());
  await browser.close();
}

async function idOnPage(page: Page): Promise<string> {
  return page.evaluate(async () => {
    const answer = await fetch('/api/classes?limit=1');
    return ((await answer.json()) as { classes: { id: string }[] }).classes[0]!.id;
  });
}

test('another device by https: a secure address, pages that are kept, nothing missing, and edits are taken', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'needlework-'));
  const made = await generate([{ name: 'commonName', value: 'hall.test' }], {
    keySize: 2048,
    algorithm: 'sha256',
    notBeforeDate: new Date(Date.now() - day),
    notAfterDate: new Date(Date.now() + 30 * day),
    extensions: [{ name: 'subjectAltName', altNames: [{ type: 2, value: 'hall.test' }] }],
  });
  const [cert, key] = [join(folder, 'server.crt'), join(folder, 'server.key')];
  writeFileSync(cert, made.cert);
  writeFileSync(key, made.private);
  const spki = createHash('sha256')
    .update(new X509Certificate(made.cert).publicKey.export({ type: 'spki', format: 'der' }))
    .digest('base64');
  server = new OwnServer(4392, 'https');
  await server.start('--demo', '--cert', cert, '--key', key);
  await device('https://hall.test:4392', [spki], async (page) => {
    await page.goto('/');
    expect(await page.evaluate(() => window.isSecureContext)).toBe(true);
    // the worker that keeps the pages is let in only where the certificate is trusted
    expect(await page.evaluate(async () => (await navigator.serviceWorker.ready).active !== null)).toBe(true);
    await page.goto(`/class/${await idOnPage(page)}/floor`);
    await expect(page.locator('.waiting .of')).toHaveText('ready');
    await expect(page.locator('.missing')).toHaveCount(0);
    await page.goto(`/class/${await idOnPage(page)}`);
    await page.getByLabel('Name of the class').fill('Typed on a tablet');
    await page.getByLabel('Name of the class').press('Enter');
    await expect(page.locator('.save')).toHaveText('Saved');
    // by https what a device holds is sent by https alone, and to this server alone
    const password = 'copper lantern sings to herring';
    server?.setPassword(password);
    await page.goto('/classes');
    await page.getByLabel('Password', { exact: true }).fill(password);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('link', { name: /Typed on a tablet/ }).first()).toBeVisible();
    const [held] = await page.context().cookies();
    expect(held).toMatchObject({ name: '__Host-needlework-4392', secure: true, httpOnly: true, sameSite: 'Strict' });
  });
  rmSync(folder, { recursive: true, force: true });
});

test('another device by plain http: it is said what is missing, and the class is taught to the log all the same', async () => {
  server = new OwnServer(4393);
  await server.start('--demo', '--name', 'hall.test');
  await device('http://hall.test:4393', [], async (page) => {
    await page.goto('/');
    expect(await page.evaluate(() => [window.isSecureContext, 'serviceWorker' in navigator])).toEqual([false, false]);
    const id = await idOnPage(page);
    await page.goto(`/class/${id}/floor`);
    await expect(page.locator('.missing')).toContainText('not secure (http)');
    await page.keyboard.press('Space');
    await expect(page.locator('.missing')).toHaveCount(0);
    await page.keyboard.press('Space');
    await page.getByRole('button', { name: 'End the class' }).click();
    await page.getByRole('button', { name: /Put it in the log/ }).click();
    await expect(page).toHaveURL(/\/log\//);
  });
  // a name it was not given is refused, as from anywhere else
  await device('http://hall.test:4393', [], async (page) => {
    const refused = await page.request.get('http://127.0.0.1:4393/api/classes', {
      headers: { Host: 'else.test:4393' },
    });
    expect(refused.status()).toBe(421);
  });
});
