import { type Page, expect, test } from '@playwright/test';
import { OwnServer } from './own-server';
import { secondsOf } from './designer';

/** Somebody who has never seen it: every press of the mouse and every key counts. */
class Newcomer {
  private clicks = 0;
  private keys = 0;

  constructor(private readonly page: Page) {}

  async press(role: 'button' | 'link' | 'menuitem', name: string | RegExp): Promise<void> {
    await this.page
      .getByRole(role, { name, exact: typeof name === 'string' })
      .first()
      .click();
    this.clicks += 1;
  }

  async write(words: string): Promise<void> {
    await this.page.keyboard.type(words);
    this.keys += words.length;
  }

  get spent(): { readonly clicks: number; readonly keys: number } {
    return { clicks: this.clicks, keys: this.keys };
  }
}

test.describe('a newcomer', () => {
  const server = new OwnServer(4397);
  test.beforeAll(() => server.start());
  test.afterAll(() => server.remove());

  test('is led from an empty desk to a class of twenty minutes that is counted on the floor, in twenty clicks', async ({
    page,
  }) => {
    const newcomer = new Newcomer(page);
    const step = page.locator('nw-first-steps [aria-current=step]');
    await page.goto(server.url);
    await expect(page.getByRole('heading', { name: 'A clear desk' })).toBeVisible();
    await newcomer.press('button', '20 minutes');
    // the name of a new class stands ready to be written over
    await expect(page.getByLabel('Name of the class')).toBeFocused();
    await newcomer.write('Slipway');
    await expect(step).toHaveText('Begin');
    await newcomer.press('button', /^Begin with/);
    // the keyboard stands where the next is picked
    await expect(page.locator('nw-picker .pick').first()).toBeFocused();
    await expect(step).toHaveText('Fill');
    const rows = page.locator('nw-running-order .row .exercise');
    const offered = page.locator('nw-picker section .pick');
    // what would go on well stands first; one press each, until the closing look
    for (let had = 1; had < 14; had++) {
      await expect(rows).toHaveCount(had);
      const next = offered.first();
      if (!(await next.isVisible().catch(() => false))) break;
      const name = await next.locator('.name').textContent();
      await newcomer.press('button', new RegExp(`^${name ?? ''} `));
      await expect(rows).toHaveCount(had + 1);
      await expect(offered.filter({ hasText: name ?? '' })).toHaveCount(0);
      if (name === 'Walk and compare') break;
    }
    await expect(rows.last()).toHaveText('Walk and compare');
    await expect(step).toHaveText('Levels');
    await newcomer.press('button', 'Offer levels');
    await expect(page.locator('nw-running-order .level.easier').first()).toBeVisible();
    await expect(step).toHaveText('Fit');
    await newcomer.press('button', 'Fit to slot');
    await newcomer.press('button', /^Take/);
    await expect(step).toHaveText('Floor');
    const planned = secondsOf(await page.locator('.planned').textContent());
    expect(Math.abs(planned - 20 * 60 * 0.95)).toBeLessThan(60);
    // nothing that the review would forbid was put in by following
    await expect(page.getByText('must not')).toHaveCount(0);
    await newcomer.press('link', 'To the floor');
    await expect(page.getByText('The floor follows you.')).toBeVisible();
    await newcomer.press('button', /^(Set up|Begin)$/);
    await newcomer.press('button', 'Count');
    await expect(page.locator('.count')).toBeVisible();
    await expect(page.getByText('The floor follows you.')).toHaveCount(0);
    const { clicks, keys } = newcomer.spent;
    process.stdout.write(`\n  a newcomer's class: ${clicks} clicks, ${keys} keys\n`);
    expect(clicks).toBeLessThanOrEqual(20);
    // whoever has counted once is not led any more
    await page.goto(`${server.url}/classes`);
    await page.getByRole('button', { name: 'New class', exact: true }).click();
    await page.getByRole('menuitem', { name: '10 minutes', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'An empty thread' })).toBeVisible();
    await expect(page.locator('nw-first-steps')).toHaveCount(0);
  });
});
