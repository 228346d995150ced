import { type APIRequestContext, type Locator, type Page, expect } from '@playwright/test';

/** The designer as an instructor uses it. */
export class Designer {
  readonly rows: Locator;
  readonly planned: Locator;
  readonly thread: Locator;

  constructor(readonly page: Page) {
    this.rows = page.locator('nw-running-order .row .exercise');
    this.planned = page.locator('.planned');
    this.thread = page.getByRole('listbox', { name: 'Thread of the class' });
  }

  /** From the list: a new, empty class of so many minutes. */
  async start(minutes: number, title: string): Promise<void> {
    await this.page.goto('/');
    await this.page.getByRole('button', { name: 'New class', exact: true }).click();
    await this.page.getByRole('menuitem', { name: `${minutes} minutes`, exact: true }).click();
    const name = this.page.getByLabel('Name of the class');
    await name.fill(title);
    await name.press('Enter');
    await this.saved();
  }

  async add(search: string, name: string): Promise<void> {
    const field = this.page.getByLabel('Find an exercise');
    if (!(await field.isVisible())) await this.page.getByRole('button', { name: 'Add an exercise' }).click();
    await field.fill(search);
    await this.page.locator('nw-picker .pick').filter({ hasText: name }).first().click();
    await expect(this.rows.filter({ hasText: name }).last()).toBeVisible();
  }

  row(name: string): Locator {
    return this.page.locator('nw-running-order button.item').filter({ hasText: name });
  }

  /** A number of the dose sentence, by what it means. */
  number(meaning: string): Locator {
    return this.page.getByRole('spinbutton', { name: meaning, exact: true });
  }

  async set(meaning: string, value: number): Promise<void> {
    await this.number(meaning).fill(String(value));
    await this.number(meaning).press('Tab');
  }

  async saved(): Promise<void> {
    await expect(this.page.locator('.save')).toHaveText('Saved');
  }

  get outcome(): Locator {
    return this.page.locator('nw-dose-sentence .outcome');
  }
}

/** Seconds from m:ss. */
export const secondsOf = (clock: string | null): number => {
  const [minutes, seconds] = (clock ?? '').trim().split(':').map(Number);
  return (minutes ?? 0) * 60 + (seconds ?? 0);
};

/** The id of a class from the page's address. */
export const classIdOf = (page: Page): string => new URL(page.url()).pathname.split('/')[2] ?? '';

/** A copy of a demo class, so that tests do not meet. */
export async function copyOf(request: APIRequestContext, title: string): Promise<string> {
  const words = encodeURIComponent(title);
  const { classes } = (await (await request.get(`/api/classes?limit=200&words=${words}`)).json()) as {
    classes: { id: string; title: string }[];
  };
  const found = classes.find((c) => c.title === title);
  const id = `e2e-${Math.random().toString(36).slice(2, 12)}`;
  const answer = await request.post(`/api/classes/${found?.id ?? ''}/duplicate`, {
    data: { saveId: `save-${id}`, id },
  });
  expect(answer.status()).toBe(201);
  return id;
}

/** Everything that lies in this browser's store, as text. */
export const keptHere = () =>
  new Promise<string>((done) => {
    const opening = indexedDB.open('keyval-store');
    opening.onsuccess = () => {
      const reading = opening.result.transaction('keyval').objectStore('keyval').getAll();
      reading.onsuccess = () => {
        opening.result.close();
        done(JSON.stringify(reading.result));
      };
    };
  });
