import { cpSync, existsSync, mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type Browser } from '@playwright/test';
import type {
  ClassList,
  ClassRead,
  ClassRevisions,
  Desk,
  ExerciseRevision,
  ExerciseUses,
  LibraryPage,
  RunList,
  RunRead,
  TakenOut,
} from '@core/contract';
import { start, stop } from '../scripts/built-server';
import { tenYearsOfPeople } from '../scripts/ten-years-people';
import { makeTenYears, tenYears } from '../scripts/ten-years';
import { filesOfTenYears } from './exchange';
import { type Report, caller, timer } from './timing';
import { peopleCalls, peoplePaints } from './years-people';

/**
 * Every list, page and call of the server on ten years of data, one after the other: the 95th of a hundred, ms.
 * @param launch opens a Chromium, for first paints
 * @param classes fewer than ten years have, to see how it grows
 */
export async function onTenYears(
  report: Report,
  launch: () => Promise<Browser>,
  classes: number = tenYears.classes,
): Promise<void> {
  const made = join('data', `ten-years-${classes}`);
  const mark = join(made, 'made-with-notes');
  if (!existsSync(mark)) {
    console.log(`        making ${classes} classes, once, in ${made} …`);
    makeTenYears(made, { ...tenYears, classes, runs: classes });
    cpSync('package.json', mark);
  }
  const data = mkdtempSync(join(tmpdir(), 'needlework-years-'));
  cpSync(made, data, { recursive: true });
  const from = performance.now();
  const server = await start(data);
  const started = performance.now() - from;
  const { base } = server;
  let browser: Browser | null = null;
  try {
    const size = statSync(join(data, 'needlework.sqlite')).size / 1e6;
    console.log(`        ${classes} classes, as many taught, ${tenYears.exercises} exercises, ${size.toFixed(0)} MB`);
    report('start on ten years', started, 'ms', 2000);
    await calls(base, report);
    await peopleCalls(base, report);
    await filesOfTenYears(base, report);
    const memory = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${server.child.pid ?? 0}/status`, 'utf8'))?.[1];
    report('memory of the server after all that', Number(memory ?? NaN) / 1024, 'MB', 250);
    browser = await launch();
    for (const [name, path, there] of [
      ['the desk', '/', '.drafts li, .none'],
      ['the classes page', '/classes', 'main li'],
    ] as const) {
      const paints: number[] = [];
      const shown: number[] = [];
      for (let i = 0; i < 7; i++) {
        const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
        await page.goto(`${base}${path}`);
        await page.locator(there).first().waitFor();
        paints.push(
          await page.evaluate<number>(
            "performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? performance.now()",
          ),
        );
        shown.push(await page.evaluate<number>('performance.now()'));
        if (i === 0) {
          const elements = await page.evaluate<number>("document.querySelectorAll('*').length");
          console.log(`        elements of ${name}: ${elements}`);
        }
        await page.close();
      }
      console.log(`        until ${name} is there, median: ${middle(shown).toFixed(0)} ms`);
      report(`first paint of ${name}, median`, middle(paints), 'ms', 300);
    }
    await peoplePaints(browser, base, report);
  } finally {
    await browser?.close();
    await stop(server, 'SIGKILL');
    rmSync(data, { recursive: true, force: true });
  }
}

const middle = (all: readonly number[]): number => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)] ?? NaN;

async function calls(base: string, report: Report): Promise<void> {
  let ids = 0;
  const id = () => `bench-years-${++ids}`;
  const call = caller(base);
  const timed = timer(report);
  const get = (path: string) => () => call('GET', path);
  const page = (await call('GET', '/api/classes?limit=200')) as ClassList;
  const someClass = (i: number) => page.classes[(i * 7) % page.classes.length]?.id ?? '';
  const runs = (await call('GET', '/api/runs?limit=200')) as RunList;
  const someRun = (i: number) => runs.runs[(i * 7) % runs.runs.length]?.id ?? '';
  const read = (i: number) => call('GET', `/api/classes/${someClass(i)}`) as Promise<ClassRead>;
  const deep = Buffer.from('2018-01-01T00:00:00.000Z x').toString('base64url');

  const asked = `at=${new Date().toISOString()}&today=${new Date().toISOString().slice(0, 10)}`;
  const fromDesk = performance.now();
  await call('GET', `/api/desk?${asked}`);
  report('the desk for the first time since the start', performance.now() - fromDesk, 'ms', 500);
  const { groups } = (await call('GET', `/api/desk?${asked}`)) as Desk;
  const looks: number[] = [];
  for (const { id: groupId } of groups) {
    const from = performance.now();
    await call('GET', `/api/desk/groups/${groupId}?${asked}`);
    looks.push(performance.now() - from);
  }
  report(
    `one of the desk’s ${groups.length} groups for the first time since the start, worst`,
    Math.max(...looks),
    'ms',
    1000,
  );
  await timed('a group of the desk', (i) => get(`/api/desk/groups/${groups[i % groups.length]?.id ?? ''}?${asked}`));
  await timed('the desk', () => get(`/api/desk?${asked}`));
  await timed('checks due of all groups that come', () => get(`/api/desk/due?${asked}`));
  await timed('the load of a group’s last classes', (i) =>
    get(`/api/runs/loads?group=${groups[i % groups.length]?.id ?? ''}`),
  );
  await timed('the list of classes', () => get('/api/classes'));
  await timed('a page of it eight years back', () => get(`/api/classes?after=${deep}`));
  await timed('classes found by words that none has', () => get('/api/classes?words=nothing%20like%20that'));
  await timed('the taught classes', () => get('/api/runs'));
  await timed('taught classes found by words', () => get('/api/runs?words=lunch%2049'));
  await timed('a class', (i) => get(`/api/classes/${someClass(i)}`));
  await timed('saving a class', async (i) => {
    const { plan, version } = await read(i);
    const body = { saveId: id(), basedOn: version, plan: { ...plan, title: `Bench ${i}` } };
    return () => call('PUT', `/api/classes/${plan.id}`, body);
  });
  await timed(
    'a copy of a class',
    (i) => () => call('POST', `/api/classes/${someClass(i)}/duplicate`, { saveId: id(), id: id() }),
  );
  const bringBack = (i: number) => call('POST', `/api/classes/${someClass(i)}/restore`, {});
  let gone = 0;
  await timed('deleting a class', async (i) => {
    if (i > 0) await bringBack(gone);
    gone = i;
    return () => call('DELETE', `/api/classes/${someClass(i)}`);
  });
  await bringBack(gone);
  await timed('bringing a class back', async (i) => {
    await call('DELETE', `/api/classes/${someClass(i)}`);
    return () => bringBack(i);
  });
  await timed('earlier states of a class, with what differs', (i) => get(`/api/classes/${someClass(i)}/revisions`));
  await timed('one earlier state', async (i) => {
    const { revisions } = (await call('GET', `/api/classes/${someClass(i)}/revisions`)) as ClassRevisions;
    return get(`/api/classes/${someClass(i)}/revisions/${revisions[0]?.number ?? 0}`);
  });
  await timed('doses in other classes', (i) => get(`/api/classes/${someClass(i)}/other-doses`));
  await timed('classes that use an exercise', (i) =>
    get(`/api/exercises/${['walk-and-notice', 'short-foot', 'two-foot-rise'][i % 3] ?? ''}/classes`),
  );
  await timed('what was taken out', () => get('/api/taken-out'));
  await timed('the courses', () => get('/api/courses'));
  await timed('a course with its classes', (i) => get(`/api/courses/years-course-${74 + (i % 6)}`));
  await timed('the plans of a course', (i) => get(`/api/courses/years-course-${74 + (i % 6)}/plans`));
  await timed('the calendar file of all courses', () => async () => {
    await (await fetch(`${base}/api/courses/calendar.ics`)).text();
  });
  // each course once before: its plans are worked out the first time, and kept
  const firsts: number[] = [];
  for (let i = 74; i < 80; i++) {
    const from = performance.now();
    await call('GET', `/api/courses/years-course-${i}/load`);
    firsts.push(performance.now() - from);
  }
  report('the load of a course for the first time since the start, worst', Math.max(...firsts), 'ms', 500);
  await timed('the load of a course', (i) => get(`/api/courses/years-course-${74 + (i % 6)}/load`));
  await timed('the sheets of homework', () => get('/api/homework'));
  await timed('those that are put away, two years back', () => {
    const twoYears = Buffer.from('2024-11-01 x').toString('base64url');
    return get(`/api/homework?archived=yes&after=${twoYears}`);
  });
  await timed('those of one student', (i) => get(`/api/homework?student=years-student-${1 + (i % 50)}`));
  await timed('those of a month', () => get('/api/homework/between?from=2026-11-01&to=2026-11-30'));
  await timed('a sheet with the classes on its days', (i) => get(`/api/homework/years-home-${i % 20}`));
  const papers: number[] = [];
  for (let i = 0; i < 11; i++) {
    const from = performance.now();
    await (await fetch(`${base}/api/homework/years-home-${i}/sheet.pdf`)).arrayBuffer();
    papers.push(performance.now() - from);
  }
  report('a sheet as a page to print, median', [...papers].sort((x, y) => x - y)[5] ?? NaN, 'ms', 1000);
  await timed('looking back at a year of a group', () =>
    get(`/api/runs/done?group=${tenYearsOfPeople.group.id}&from=2025-11-01T00:00:00.000Z&to=2026-11-28T00:00:00.000Z`),
  );
  // once before: the last forty classes are read as they end, and these ended before the server knew how
  await call('GET', '/api/runs/learned');
  await timed('what the log teaches', () => get('/api/runs/learned'));
  await timed('why a class runs over', (i) => get(`/api/runs/over/${someClass(i)}`));
  await timed('what a group was taught', () => get(`/api/people/groups/${tenYearsOfPeople.group.id}/taught`));
  await timed('a taught class', (i) => get(`/api/runs/${someRun(i)}`));
  await timed('beginning a taught class', async (i) => {
    const { plan, version } = await read(i);
    const body = { classId: plan.id, version, plan, startedAt: '2026-11-26T12:00:00.000Z' };
    return () => call('PUT', `/api/runs/${id()}`, body);
  });
  await timed('events of a taught class', async (i) => {
    const { events } = (await call('GET', `/api/runs/${someRun(i)}`)) as RunRead;
    const deviceId = id();
    return () =>
      call('POST', `/api/runs/${someRun(i)}/events`, { events: events.map((e, seq) => ({ ...e, deviceId, seq })) });
  });
  const library = (query: string) => call('GET', `/api/exercises${query}`) as Promise<LibraryPage>;
  const { at } = await library('');
  await timed('the library, a page of it', (i) => () => library(`?from=${(i % 33) * 60}`));
  await timed('the library, asked again', () => () => library(`?since=${at}`));
  let { revision: basedOn, exercise } = (await call('GET', '/api/exercises/short-foot')) as ExerciseRevision;
  const change = async (i: number) => {
    exercise = { ...exercise, purpose: `${exercise.purpose.slice(0, 40)} (${i})` };
    const body = { basedOn, exercise };
    ({ revision: basedOn } = (await call('PUT', '/api/exercises/short-foot', body)) as ExerciseRevision);
  };
  await timed('saving an exercise', (i) => () => change(i));
  await timed('the library after a change', async (i) => {
    await change(i);
    return () => library(`?since=${at}`);
  });
  await timed('classes behind a changed exercise', () => get('/api/exercises/short-foot/classes'));
  await timed('moving two of them', async () => {
    const { classes } = (await call('GET', '/api/exercises/short-foot/classes')) as ExerciseUses;
    const classIds = classes.filter(({ problem }) => problem === null).map(({ classId }) => classId);
    return () => call('POST', '/api/exercises/short-foot/move', { classIds: classIds.slice(0, 2) });
  });
  await timed('one exercise', () => get('/api/exercises/two-foot-rise'));
  await timed('how I teach', () => get('/api/preferences'));
  const last = (await call('GET', '/api/taken-out?limit=1')) as TakenOut;
  if (last.entries.length === 0) throw new Error('nothing was taken out');
}
