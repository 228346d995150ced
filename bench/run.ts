import { readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { chromium } from '@playwright/test';
import type { ClassRead } from '@core/contract';
import { matHz, simulatedMat, swayFigures } from '@core/device';
import { fit, fitNow } from '@core/fit';
import { searchTextOf, typicalTimes } from '@core/library';
import { review } from '@core/sequence';
import { changeSimulation } from '@core/testing/change-simulation';
import { aimed, optimumOfDoses, optimumOfPaths } from '@core/testing/highs-oracle';
import { randomClass } from '@core/testing/random-class';
import { isOpen, reps } from '@core/dose';
import { weaveOf } from '@core/load';
import { type Plan, applyCommand, itemsOf } from '@core/plan';
import { buildTimeline } from '@core/timeline';
import { ordersAndClasses } from './composing';
import { classOf, find, offers } from './sample-class';
import { start, stop } from '../scripts/built-server';
import { choiceToSight, throughAClass } from './through';
import { onTenYears } from './years';

/** Prints each budget as a number and as a share of what it may be. Run after `npm run build`. */
const median = (list: readonly number[]) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? NaN;
function report(work: string, value: number, unit: string, budget: number): void {
  const share = value / budget;
  console.log(
    `${share <= 1 ? 'within' : 'OVER  '}  ${work}: ${value.toFixed(value < 10 ? 2 : 0)} ${unit} of ${budget} ${unit} (× ${share.toFixed(2)})`,
  );
}

function timelineAfterAnEdit(items: number): number {
  let plan: Plan = classOf(items);
  const ids = itemsOf(plan).map((item) => item.id);
  const times: number[] = [];
  for (let i = 0; i < 400; i++) {
    const start = performance.now();
    const edited = applyCommand(plan, {
      type: 'edit-item',
      itemId: ids[i % ids.length] ?? '',
      change: { dose: [reps(4 + (i % 12))] },
    });
    if (!edited.ok) throw new Error(edited.error.code);
    plan = edited.value;
    const timeline = buildTimeline({ plan, find });
    weaveOf(timeline);
    review({ plan, timeline, library: offers, nextId: () => 'bench-added' }, 'quick');
    times.push(performance.now() - start);
  }
  return median(times.slice(50));
}

/** Compressed script that the first page's own HTML asks for, bytes. */
function initialScript(): number {
  const html = readFileSync('dist/web/index.html', 'utf8');
  const names = [...html.matchAll(/(?:src|href)="([^"]+\.js)"/g)].map((m) => m[1] ?? '');
  return [...new Set(names)].reduce((bytes, name) => bytes + gzipSync(readFileSync(join('dist/web', name))).length, 0);
}

/**
 * Runs in the page, as text so that nothing is compiled into it: 40 presses of an arrow key in the dose sentence, each
 * timed until the frame after it has been painted; the median.
 */
const editsToPaint = `(async () => {
  const box = () => document.querySelector('nw-dose-sentence input');
  const afterPaint = () => new Promise((resolve) => requestAnimationFrame(() => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => resolve();
    port2.postMessage(null);
  }));
  const times = [];
  for (let i = 0; i < 40; i++) {
    const start = performance.now();
    box().dispatchEvent(new KeyboardEvent('keydown', { key: i % 2 === 0 ? 'ArrowUp' : 'ArrowDown', bubbles: true }));
    await afterPaint();
    times.push(performance.now() - start);
    await new Promise((resolve) => setTimeout(resolve, 60));
  }
  return times.sort((a, b) => a - b)[20];
})()`;

const launch = () =>
  chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
    ],
  });

/** The built server on fresh demo data, and a Chromium; and how long it takes to serve, ms, the first time and again. */
async function served(port: number) {
  const data = `data/bench-${port}`;
  rmSync(data, { recursive: true, force: true });
  const begun = async () => {
    const from = performance.now();
    const server = await start(data, ['--demo'], port);
    return { server, ms: performance.now() - from };
  };
  const { server: fresh, ms: first } = await begun();
  await stop(fresh);
  const { server, ms: ready } = await begun();
  const browser = await launch();
  const close = async () => {
    await browser.close();
    await stop(server);
    rmSync(data, { recursive: true, force: true });
  };
  return { browser, base: server.base, first, ready, close };
}

async function inChromium(): Promise<Readonly<Record<'first' | 'ready' | 'painted' | 'sight', number>>> {
  const { browser, base, first, ready, close } = await served(4317);
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    const id = await fortyItems(base);
    await page.goto(`${base}/class/${id}`);
    await page.locator('nw-thread .item').nth(39).waitFor({ state: 'attached' });
    const painted = await page.evaluate<number>(editsToPaint);
    return { first, ready, painted, sight: await choiceToSight(browser, base, id) };
  } finally {
    await close();
  }
}

/** Makes the workshop of the demo into a class of 40 items and saves it as a new one. */
async function fortyItems(base: string): Promise<string> {
  const { classes } = (await (await fetch(`${base}/api/classes`)).json()) as {
    classes: { id: string; itemCount: number }[];
  };
  const longest = [...classes].sort((a, b) => b.itemCount - a.itemCount)[0]?.id ?? '';
  const { plan } = (await (await fetch(`${base}/api/classes/${longest}`)).json()) as ClassRead;
  const all = itemsOf(plan);
  const items = Array.from({ length: 40 }, (_, i) => ({ ...(all[(i + 3) % all.length] ?? all[0]), id: `forty-${i}` }));
  const [block] = plan.blocks;
  const id = 'bench-forty';
  const answer = await fetch(`${base}/api/classes`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({
      saveId: 'bench-forty-save',
      plan: { ...plan, id, slotSeconds: 5400, blocks: [{ ...block, items }] },
    }),
  });
  if (answer.status !== 201) throw new Error(await answer.text());
  return id;
}

/**
 * Ten minutes of a real class in Chromium, the second half with the page hidden behind another: how far each tone lay
 * from its instant, by the audio clock's own report.
 */
/** From a key on the floor to the frame that shows what it did, ms; holds and goes on in turn. */
async function tapToScreen(): Promise<number> {
  const { browser, base, close } = await served(4319);
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(`${base}/class/${await longestByItself(base)}/floor`);
    await page.locator('.waiting').waitFor();
    await page.evaluate(`
      window.taps = [];
      document.addEventListener('keydown', (event) => {
        const changed = new MutationObserver(() => {
          changed.disconnect();
          const changedMs = performance.now() - event.timeStamp;
          // the frame in which it stands is over when the task behind it runs
          requestAnimationFrame(() => {
            const { port1, port2 } = new MessageChannel();
            port2.onmessage = () => window.taps.push([changedMs, performance.now() - event.timeStamp]);
            port1.postMessage(null);
          });
        });
        // what a tap changes beside the count, which runs on by itself
        const watched = { subtree: true, childList: true, characterData: true };
        for (const part of document.querySelectorAll('.teach, .go')) changed.observe(part, watched);
      }, true);
    `);
    for (let tap = 1; tap <= 60; tap++) {
      await page.keyboard.press('Space');
      await page.evaluate(`new Promise((seen) => {
        const look = () => (window.taps.length >= ${tap} ? seen() : setTimeout(look, 20));
        look();
      })`);
    }
    const taps = await page.evaluate<[changed: number, painted: number][]>('window.taps');
    const [changed, painted] = [0, 1].map((i) => taps.map((tap) => tap[i] ?? NaN).sort((a, b) => a - b));
    const p95 = painted?.[Math.floor(taps.length * 0.95)] ?? NaN;
    console.log(
      `        taps: changed after ${median(changed ?? []).toFixed(1)} ms, the median; on the screen after ${p95.toFixed(1)} ms, the 95th of 100`,
    );
    return median(painted ?? []);
  } finally {
    await close();
  }
}

/** A voice for a browser that has none here: it answers, takes its time, and some of the page's at every word. */
const standInVoice = `
  window.needleworkSaid = 0;
  const voice = new EventTarget();
  let ends = null;
  Object.assign(voice, {
    speaking: false, pending: false, paused: false,
    getVoices: () => [{ name: 'stand-in', lang: 'en-GB', default: true, localService: true, voiceURI: 'x' }],
    cancel() { clearInterval(ends); voice.speaking = false; },
    pause() {}, resume() {},
    speak(utterance) {
      window.needleworkSaid += 1;
      voice.speaking = true;
      utterance.dispatchEvent(new Event('start'));
      let words = utterance.text.split(' ').length;
      ends = setInterval(() => {
        const until = performance.now() + 2;
        while (performance.now() < until);
        if (--words > 0) return;
        clearInterval(ends);
        voice.speaking = false;
        utterance.dispatchEvent(new Event('end'));
      }, 400);
    },
  });
  Object.defineProperty(window, 'speechSynthesis', { value: voice, configurable: true });
`;

/** The longest class of the demo that goes on by itself to its end: nothing in it waits for the teacher's word. */
async function longestByItself(base: string): Promise<string> {
  const { classes } = (await (await fetch(`${base}/api/classes`)).json()) as { classes: { id: string }[] };
  const plans = await Promise.all(
    classes.map(async ({ id }) => ((await (await fetch(`${base}/api/classes/${id}`)).json()) as { plan: Plan }).plan),
  );
  const byItself = plans.filter((plan) =>
    plan.blocks.every(({ items }) => items.every((item) => item.kind === 'exercise' && !item.dose.some(isOpen))),
  );
  return byItself.sort((a, b) => b.slotSeconds - a.slotSeconds)[0]?.id ?? '';
}

async function tones(minutes: number): Promise<void> {
  const { browser, base, close } = await served(4318);
  try {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    const longest = await longestByItself(base);
    await page.addInitScript(standInVoice);
    await page.goto(`${base}/class/${longest}/floor`);
    await page.locator('.waiting').waitFor();
    await page.getByRole('button', { name: 'The voice is off' }).click();
    await page.getByRole('button', { name: 'waits for you' }).click();
    await page.waitForTimeout(minutes * 30_000);
    const other = await context.newPage();
    await other.bringToFront();
    await other.waitForTimeout(minutes * 30_000);
    const late = await page.evaluate<{ lateMs: number; stalledMs: number; hidden: boolean }[]>(
      "performance.getEntriesByName('needlework-tone').map((mark) => mark.detail)",
    );
    const said = await page.evaluate<number>('window.needleworkSaid ?? 0');
    console.log(`        with a voice on that said ${said} sentences meanwhile`);
    const out = await page.evaluate<number>("performance.getEntriesByName('needlework-tone-left-out').length");
    console.log(
      `        ${late.length} tones sounded, ${out} left out because the sound stood still over their instant`,
    );
    for (const hidden of [false, true]) {
      const list = late.filter((t) => t.hidden === hidden);
      const words = hidden ? 'hidden' : 'visible';
      if (list.length === 0)
        console.log(`        no tones while ${hidden ? 'hidden: this Chromium never hid the page' : 'visible'}`);
      else {
        const farthest = (of: (tone: (typeof list)[number]) => number) => Math.max(...list.map((t) => Math.abs(of(t))));
        const budget = hidden ? 250 : 50;
        report(
          `${list.length} tones, ${words}, the farthest from its instant`,
          farthest((t) => t.lateMs),
          'ms',
          budget,
        );
        const placed = farthest((t) => t.lateMs - t.stalledMs);
        console.log(`        less what this machine’s own sound stood still: ${placed.toFixed(1)} ms`);
        const middle = median(list.map((t) => Math.abs(t.lateMs)));
        console.log(`        the middle one: ${middle.toFixed(1)} ms`);
      }
    }
  } finally {
    await close();
  }
}

/** Exact fit of the 90-minute class, and how it grows. */
function fitsOf90Minutes(): void {
  const timeOf = (items: number): number => {
    const plan = classOf(items);
    const slotSeconds = Math.round((buildTimeline({ plan, find }).totalMs / 1000) * 0.85);
    const times = Array.from({ length: 9 }, () => {
      const start = performance.now();
      fitNow({ plan: { ...plan, slotSeconds }, find });
      return performance.now() - start;
    });
    return median(times);
  };
  timeOf(40);
  report('exact fit of a 40-item class, median', timeOf(40), 'ms', 100);
  const growth = [10, 20, 40, 80].map((n) => `${n} items ${timeOf(n).toFixed(0)} ms`);
  console.log(`        fit: ${growth.join(', ')}`);
}

/** The same optimum as a mixed-integer solver on hundreds of classes, and how many times as fast, in one run. */
async function againstHighs(classes: number): Promise<void> {
  let equal = 0;
  let ours = 0;
  let theirs = 0;
  for (let seed = 0; seed < classes; seed++) {
    const paths = seed % 3 === 0;
    const flow = paths ? 'by-exercise' : seed % 3 === 1 ? 'by-foot' : 'mixed';
    const { plan, find: known } = randomClass(seed + 5000, 6 + (seed % 6), flow, !paths);
    const target = plan.slotSeconds;
    const start = performance.now();
    const found = fitNow({ plan, find: known, dropUpTo: paths ? 2 : 0 });
    ours += performance.now() - start;
    const value = aimed(
      Math.abs(found.missMs) / 1000,
      found.dropped,
      found.cost,
      Math.abs(found.totalMs / 1000 - target),
    );
    const now = () => performance.now();
    const optimum = await (paths
      ? optimumOfPaths(plan, known, target, 2, now)
      : optimumOfDoses(plan, known, target, now));
    theirs += optimum.solveMs;
    if (Math.abs(value - optimum.value) < 0.01) equal += 1;
  }
  console.log(
    `${equal === classes ? 'within' : 'OVER  '}  fit against HiGHS: equal optimum on ${equal} of ${classes} classes of 6 to 11 items, whole fit against its solving alone × ${(theirs / ours).toFixed(1)}`,
  );
  await againstHighsAt(40);
}

/**
 * Seven classes, since how hard one is for a solver differs from class to class; each three times, since both are slow the
 * first time.
 */
async function againstHighsAt(items: number): Promise<void> {
  const now = () => performance.now();
  let same = true;
  const classes: {
    readonly search: number;
    readonly whole: number;
    readonly solve: number;
    readonly modelled: number;
  }[] = [];
  for (let i = 0; i < 7; i++) {
    const plan = classOf(items, i * 11);
    const slotSeconds = Math.round((buildTimeline({ plan, find }).totalMs / 1000) * 0.85);
    const long = { ...plan, slotSeconds, reservePercent: 0 };
    const searches: number[] = [];
    const wholes: number[] = [];
    const solves: number[] = [];
    const modelled: number[] = [];
    for (let run = 0; run < 3; run++) {
      const begun = now();
      const work = fit({ plan: long, find, dropUpTo: 0 });
      let known = 0;
      let searched = 0;
      let found = work.next();
      for (; !found.done; found = work.next()) {
        known ||= now();
        if (found.value.done < 0.85) searched = now();
      }
      wholes.push(now() - begun);
      searches.push(searched - known);
      const asked = now();
      const { value, solveMs } = await optimumOfDoses(long, find, slotSeconds, now);
      modelled.push(now() - asked);
      solves.push(solveMs);
      const { missMs, dropped, cost, totalMs } = found.value;
      const mine = aimed(Math.abs(missMs) / 1000, dropped, cost, Math.abs(totalMs / 1000 - slotSeconds));
      same &&= Math.abs(mine - value) < 0.01;
    }
    classes.push({
      search: median(searches),
      whole: median(wholes),
      solve: median(solves),
      modelled: median(modelled),
    });
  }
  for (const [what, asked] of [
    ['search', 10],
    ['whole', 3],
  ] as const) {
    // each with what it needs: its search against the solver, the whole fit against the solver with its model
    const theirs = what === 'search' ? 'solve' : 'modelled';
    const ratios = classes.map((c) => c[theirs] / c[what]);
    const words =
      what === 'search'
        ? 'the same numbers given to both'
        : 'times read from timelines and reasons told, against HiGHS with its model';
    console.log(
      `${same && median(ratios) >= asked ? 'within' : 'OVER  '}  seven ${items}-item classes, ${words}: ${same ? 'equal' : 'OTHER'} optimum, ${what} ${median(classes.map((c) => c[what])).toFixed(1)} ms, HiGHS ${median(classes.map((c) => c[theirs])).toFixed(0)} ms, × ${median(ratios).toFixed(1)} (${Math.min(...ratios).toFixed(1)} to ${Math.max(...ratios).toFixed(1)} from class to class; at least ${asked} asked)`,
    );
  }
}

/** How often the judging of readings errs: every situation, and whether it stays within what is allowed. */
function changeOrNoise(students: number): void {
  for (const { situation, measured, least, most } of changeSimulation(students))
    console.log(
      `${measured >= least && measured <= most ? 'within' : 'OVER  '}  change or noise, ${situation}: ${measured.toFixed(1)} % of ${least} to ${most} %`,
    );
}

/** Figures of standing still from a minute of a mat. */
function sway(): void {
  const mat = simulatedMat('wobbly', 3);
  const points = Array.from({ length: 60 * matHz }, () => mat.next().value ?? [0, 0]);
  const record = { hz: matHz, x: points.map(([x]) => x), y: points.map(([, y]) => y) };
  const times = Array.from({ length: 50 }, () => {
    const start = performance.now();
    swayFigures(record);
    return performance.now() - start;
  });
  report('sway figures of 60 s at 100 Hz, median', median(times), 'ms', 10);
}

/** Building the index of a large library and asking it. */
function libraryOf(exercises: number): void {
  const library = Array.from({ length: exercises }, (_, i) => {
    const of = offers[i % offers.length]?.exercise;
    if (!of) throw new Error('an empty catalogue');
    return { ...of, id: `${of.id}-${i}` };
  });
  const start = performance.now();
  const texts = library.map(searchTextOf);
  console.log(`        words of ${texts.length} exercises gathered in ${(performance.now() - start).toFixed(0)} ms`);
  const timed = performance.now();
  for (const exercise of library.slice(0, 40)) typicalTimes(exercise, null);
  report('times of the 40 exercises on screen', performance.now() - timed, 'ms', 100);
}

async function run(): Promise<void> {
  if (process.argv.includes('--tones')) {
    await tones(Number(process.argv[process.argv.indexOf('--tones') + 1] ?? 10));
    return;
  }
  if (process.argv.includes('--taps')) {
    report('tap to changed screen on the floor, median of 60', await tapToScreen(), 'ms', 50);
    return;
  }
  if (process.argv.includes('--through')) {
    throughAClass(report);
    const { painted, sight } = await inChromium();
    report('choice to painted view of where to stand, 40 items, median', sight, 'ms', 50);
    report('edit to painted thread in Chromium, 40 items, median', painted, 'ms', 50);
    return;
  }
  if (process.argv.includes('--years')) {
    const asked = Number(process.argv[process.argv.indexOf('--years') + 1]);
    await onTenYears(report, launch, asked > 0 ? asked : undefined);
    return;
  }
  const oracles = Number(process.argv[process.argv.indexOf('--oracles') + 1]) || 200;
  if (process.argv.includes('--composing')) return ordersAndClasses(report, oracles);
  console.log(
    `timeline of ${classOf(40).blocks.length} blocks, ${(buildTimeline({ plan: classOf(40), find }).totalMs / 60_000).toFixed(0)} min`,
  );
  report('timeline, review and load of a 40-item class after an edit, median', timelineAfterAnEdit(40), 'ms', 4);
  const [small, large] = [timelineAfterAnEdit(20), timelineAfterAnEdit(80)];
  console.log(`        growth from 20 to 80 items: × ${(large / small).toFixed(1)} for × 4 the items`);
  throughAClass(report);
  fitsOf90Minutes();
  await againstHighs(oracles);
  await ordersAndClasses(report, oracles);
  libraryOf(2000);
  changeOrNoise(2000);
  sway();
  const { first, ready, painted, sight } = await inChromium();
  report('edit to painted thread in Chromium, 40 items, median', painted, 'ms', 50);
  report('choice to painted view of where to stand, 40 items, median', sight, 'ms', 50);
  report('serving when already built', ready, 'ms', 2000);
  console.log(`        the first time, with the demo data made: ${first.toFixed(0)} ms`);
  report('tap to changed screen on the floor, median of 60', await tapToScreen(), 'ms', 50);
  report('compressed script of the first page', initialScript() / 1000, 'kB', 250);
  await onTenYears(report, launch);
}

run().catch((error: unknown) => {
  console.error(error);
  process.exit(1);
});
