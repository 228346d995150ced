import type { Browser } from '@playwright/test';
import { type Reading, usualConditions } from '@core/measure';
import { tenYearsOfPeople } from '../scripts/ten-years-people';
import { type Report, caller, timer } from './timing';

const { group, student } = tenYearsOfPeople;

/** People on ten years of data: a student with a thousand readings, a group of thirty with ten thousand. */
export async function peopleCalls(base: string, report: Report): Promise<void> {
  const call = caller(base);
  const timed = timer(report);
  const get = (path: string) => () => call('GET', path);
  let taken = 0;
  const reading = (studentId: string): Reading => ({
    id: `bench-reading-${++taken}`,
    studentId,
    protocol: 'one-leg-stand',
    foot: taken % 2 === 0 ? 'left' : 'right',
    date: '2026-11-20',
    value: { kind: 'number', trials: [12, 14, 13], known: true, cap: null },
    conditions: usualConditions,
    by: '',
    picked: false,
    stands: true,
    pain: null,
    note: '',
  });
  const take = (studentId: string) => {
    const made = reading(studentId);
    return () => call('PUT', `/api/readings/${made.id}`, made);
  };
  const cold = performance.now();
  await call('GET', `/api/people/groups/${group.id}`);
  console.log(
    `        a group of ${group.students} for the first time since the start: ${(performance.now() - cold).toFixed(0)} ms`,
  );
  await timed('all people', () => get('/api/people'));
  await timed('a student with a thousand readings', () => get(`/api/people/students/${student.id}`));
  await timed('a group of thirty with ten thousand', () => get(`/api/people/groups/${group.id}`));
  await timed('that group after a reading of one of them', async (i) => {
    await take(`years-student-${1 + (i % group.students)}`)();
    return get(`/api/people/groups/${group.id}`);
  });
  await timed('its readings in a check, to take new ones', () =>
    get(`/api/people/groups/${group.id}/readings?protocols=one-leg-stand&notes=none`),
  );
  await timed('its levels, with all that was noted', () => get(`/api/people/groups/${group.id}/readings?protocols=`));
  await timed('what helped it', () => get(`/api/people/groups/${group.id}/helped`));
  await timed('taking a reading', (i) => take(`years-student-${1 + (i % 400)}`));
  await timed('own protocols, with how much was measured', () => get('/api/protocols'));
}

const rounds = 15;
const median = (list: readonly number[]) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? NaN;

/** First paint and time until something is there, ms, in a browser that has nothing of it yet; medians. */
async function paintOf(browser: Browser, url: string, there: string): Promise<{ paint: number; shown: number }> {
  const paints: number[] = [];
  const shown: number[] = [];
  for (let i = 0; i < rounds; i++) {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(url);
    await page.locator(there).first().waitFor();
    paints.push(
      await page.evaluate<number>(
        "performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? performance.now()",
      ),
    );
    shown.push(await page.evaluate<number>('performance.now()'));
    await page.close();
  }
  return { paint: median(paints), shown: median(shown) };
}

/** First paint of the pages of people, and until what was measured is there; beside a file of plain text. */
export async function peoplePaints(browser: Browser, base: string, report: Report): Promise<void> {
  const bare = await paintOf(browser, `${base}/notices.txt`, 'pre');
  console.log(`        first paint of a file of plain text in this browser, median: ${bare.paint.toFixed(0)} ms`);
  for (const [name, path, there] of [
    ['a student with a thousand readings', `/people/${student.id}`, 'nw-measured article'],
    ['a group of thirty with ten thousand', `/groups/${group.id}`, 'tbody tr'],
    ['five hundred people', '/people', '.everybody li'],
  ] as const) {
    const { paint, shown } = await paintOf(browser, base + path, there);
    console.log(`        until ${name} are there, median: ${shown.toFixed(0)} ms`);
    report(`first paint: ${name}, median`, paint, 'ms', 200);
  }
}
