import { type Page, expect, test } from '@playwright/test';
import type { ClassList, RunList, RunRead } from '@core/contract';
import { OwnServer } from './own-server';

test.use({ serviceWorkers: 'allow' });
test.describe.configure({ mode: 'serial' });

const title = 'Five minutes before the reel';
let server: OwnServer;

test.beforeEach(async () => {
  server = new OwnServer(4391);
  await server.start('--demo');
});
test.afterEach(() => server.remove());

const json = async <T>(path: string) => (await (await fetch(`${server.url}${path}`)).json()) as T;
const idOf = async (name: string) =>
  (await json<ClassList>('/api/classes?limit=50')).classes.find((one) => one.title === name)!.id;

/** Every file of the pages lies in this browser. */
async function keptWhole(page: Page): Promise<void> {
  await expect
    .poll(
      () =>
        page.evaluate(async () => {
          const { hashTable } = (await (await fetch('/ngsw.json?ngsw-bypass')).json()) as { hashTable: object };
          const found = await Promise.all(Object.keys(hashTable).map((path) => caches.match(location.origin + path)));
          return found.every((file) => file !== undefined);
        }),
      { timeout: 60_000 },
    )
    .toBe(true);
}

/** The class lies in this browser. */
const classKept = (page: Page, id: string) =>
  expect
    .poll(() =>
      page.evaluate(
        (key) =>
          new Promise<boolean>((found) => {
            const opening = indexedDB.open('keyval-store');
            opening.onsuccess = () => {
              const asked = opening.result.transaction('keyval').objectStore('keyval').getKey(key);
              asked.onsuccess = () => {
                opening.result.close();
                found(asked.result !== undefined);
              };
            };
          }),
        `class-here:${id}`,
      ),
    )
    .toBe(true);

test('a class that was opened once is begun, loaded again and taught to its end with the server gone; the log is sent once', async ({
  context,
}) => {
  const page = await context.newPage();
  const id = await idOf(title);
  await page.goto(`${server.url}/class/${id}`);
  await keptWhole(page);
  await classKept(page, id);
  await server.kill();
  await page.close();

  // the first page says what can be taught all the same
  const floor = await context.newPage();
  await floor.goto(server.url);
  await expect(floor.getByRole('region', { name: 'Classes in this browser' })).toContainText(title);
  await floor.getByRole('link', { name: 'To the floor' }).click();
  await expect(floor.locator('.waiting .of')).toHaveText('ready');
  await expect(floor.getByRole('alert')).toContainText('This is the class as this browser has it');

  await floor.goto(`${server.url}/class/${id}/floor`);
  await expect(floor.locator('.waiting .of')).toHaveText('ready');

  await floor.keyboard.press('Space');
  await floor.keyboard.press('Space');
  await expect(floor.locator('.count')).toHaveText('2');
  await floor.reload();
  await expect(floor.locator('.count')).toBeVisible();
  while (!(await floor.getByRole('heading', { name: 'That was the class' }).isVisible()))
    await floor.keyboard.press('n');
  await floor.getByLabel('A note for next time').fill('No net in the hall.');
  await floor.getByRole('button', { name: /Put it in the log/ }).click();
  await expect(floor.getByText('go to the log when it is back')).toBeVisible();
  await floor.close();

  await server.start();
  const back = await context.newPage();
  await back.goto(server.url);
  const mine = async () =>
    (await json<RunList>('/api/runs?limit=20')).runs.filter((run) => run.note === 'No net in the hall.');
  await expect.poll(async () => (await mine()).length).toBe(1);
  await back.goto(`${server.url}/log`);
  await expect(back.getByRole('link', { name: new RegExp(title) }).first()).toBeVisible();
  const [told] = await mine();
  const run = await json<RunRead>(`/api/runs/${told!.id}`);
  expect(new Set(run.events.map((e) => e.seq)).size).toBe(run.events.length);
  expect(run.events.some(({ event }) => event.kind === 'ended' || event.kind === 'moved')).toBe(true);
});

test('an edit that the server never got is what is taught', async ({ context }) => {
  const page = await context.newPage();
  const id = await idOf(title);
  await page.goto(`${server.url}/class/${id}`);
  await keptWhole(page);
  await classKept(page, id);
  await server.kill();
  await page.getByLabel('Name of the class').fill('Renamed without a net');
  await page.getByLabel('Name of the class').press('Enter');
  await expect(page.getByText('kept in this browser').first()).toBeVisible();
  await page.goto(`${server.url}/class/${id}/card`);
  await expect(page.getByRole('heading', { name: 'Renamed without a net' })).toBeVisible();
});
