import { type APIRequestContext, type Page, expect, test } from '@playwright/test';
import type { ExerciseRevision } from '@core/contract';
import { type Item, newBlock, newItem, newPlan, offerLevels, applyCommand } from '@core/plan';
import { sizes, unreadable } from './read-page';

interface Library {
  readonly exercises: readonly ExerciseRevision[];
}

/** A class of these exercises, with all levels, somebody to mind for each, and a long note on the first. */
async function classOf(request: APIRequestContext, id: string, chosen: readonly ExerciseRevision[]): Promise<void> {
  const items = chosen.map(({ exercise, revision }, i): Item => newItem(`${id}-${i}`, exercise, revision));
  const empty = newPlan(id, 'Every exercise there is, one after another, for the eyes of somebody at the back', 7200);
  const bare = {
    ...empty,
    blocks: [newBlock(`${id}-a`, 'All', items.slice(0, 100)), newBlock(`${id}-b`, 'More', items.slice(100))],
  };
  const offered = offerLevels(bare, (revision) => chosen.find((one) => one.revision === revision)?.exercise ?? null);
  const plan = offered ? applyCommand(bare, offered) : null;
  const made = await request.post('/api/classes', {
    data: { saveId: `save-${id}`, plan: plan?.ok ? plan.value : bare },
  });
  expect(made.status(), await made.text()).toBe(201);
}

const drawn = (page: Page): Promise<unknown> =>
  page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));

/** What cannot be read: texts over each other, cut off, a side that leaves its place, a panel that has to be scrolled. */
async function faultsOn(page: Page): Promise<string[]> {
  const beyond = await page.evaluate(() =>
    [...document.querySelectorAll('.side, .count, .name, header, footer')]
      .filter((element) => {
        const box = element.getBoundingClientRect();
        return box.width > 0 && (box.right > innerWidth + 1 || box.bottom > innerHeight + 1 || box.left < -1);
      })
      .map((element) => `leaves the screen: ${element.textContent?.trim().slice(0, 40) ?? ''}`),
  );
  const scrolled = await page.evaluate(() => {
    const panel = document.querySelector('aside');
    return panel && panel.clientHeight > 0 && panel.scrollHeight > panel.clientHeight + 1
      ? [`the panel is ${panel.scrollHeight - panel.clientHeight} px too long`]
      : [];
  });
  return [...(await unreadable(page)), ...beyond, ...scrolled];
}

for (const size of sizes) {
  test(`every exercise can be read on the floor at ${size.width} x ${size.height}: ready, counted, held, nothing over anything`, async ({
    page,
    request,
  }) => {
    const { exercises } = (await (await request.get('/api/exercises')).json()) as Library;
    const builtIn = exercises.filter(({ origin, changed }) => origin === 'built-in' && !changed);
    const long = [...builtIn].sort((a, b) => said(b) - said(a));
    // all of them on a laptop; on the others those that say most, where what fits there fits for the rest
    const chosen = size.width === 1280 ? builtIn : long.slice(0, 30);
    const id = `read-${size.width}-${Math.random().toString(36).slice(2, 10)}`;
    await classOf(request, id, chosen);
    await page.setViewportSize(size);
    await page.goto(`/class/${id}/floor`);
    await expect(page.locator('.waiting .of')).toHaveText('ready');
    const found: string[] = [];
    const look = async (stage: string): Promise<void> => {
      await drawn(page);
      const name = await page.locator('.name').textContent();
      found.push(...(await faultsOn(page)).map((fault) => `${name ?? ''}, ${stage}: ${fault}`));
    };
    let name = '';
    for (let step = 0; step < 3 * chosen.length; step++) {
      const now = (await page.locator('.name').textContent()) ?? '';
      if (now !== name) {
        name = now;
        await look('ready');
        await page.keyboard.press('Space');
        await page.keyboard.press('Space');
        await look('counted');
        await page.keyboard.press('Space');
        await look('held');
      }
      await page.keyboard.press('ArrowRight');
      await drawn(page);
      if ((await page.getByRole('heading', { name: 'That was the class' }).count()) > 0) break;
    }
    expect(found).toEqual([]);
    await expect(page.getByRole('heading', { name: 'That was the class' })).toBeVisible();
  });
}

/** How many letters an exercise has to show. */
const said = ({ exercise: { name, cautions, performance } }: ExerciseRevision): number =>
  name.plain.length +
  Math.max(0, ...cautions.map(({ words }) => words.length)) +
  performance.phases.map((p) => p.name).join('').length;
