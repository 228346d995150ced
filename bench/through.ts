import type { Browser } from '@playwright/test';
import { bandSteps, fewerHandlings, floorChanges, kitLines, tooFew } from '@core/cupboard';
import { reps } from '@core/dose';
import { redThread } from '@core/idea';
import { classLoad } from '@core/load';
import { classMusic } from '@core/music';
import { type Plan, applyCommand, itemsOf } from '@core/plan';
import { sightOf } from '@core/sight';
import { buildTimeline } from '@core/timeline';
import { classOf, find } from './sample-class';
import type { Report } from './timing';

const median = (list: readonly number[]) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? NaN;
const rounds = 80;

/** Looking through a class of 40 items after an edit: what the page works out at once, and what its worker does. */
export function throughAClass(report: Report): void {
  const base = classOf(40);
  let plan: Plan = {
    ...base,
    brief: { ...base.brief, people: 25, idea: 'One idea.', ideaTie: { kind: 'listed', id: 'inner-ball' } },
  };
  const ids = itemsOf(plan).map(({ id }) => id);
  const views = {
    load: (of: Plan, timeline: ReturnType<typeof buildTimeline>) => void [of, classLoad(timeline)],
    kit: (of: Plan, timeline: ReturnType<typeof buildTimeline>) =>
      void [kitLines(of, timeline), bandSteps(of, find), floorChanges(timeline)],
    sight: (of: Plan, timeline: ReturnType<typeof buildTimeline>) => void sightOf(of, timeline),
    'sight of two': (of: Plan, timeline: ReturnType<typeof buildTimeline>) =>
      void sightOf({ ...of, brief: { ...of.brief, teachers: 2 } }, timeline),
    idea: (of: Plan, timeline: ReturnType<typeof buildTimeline>) => void redThread(of, timeline),
    music: (of: Plan, timeline: ReturnType<typeof buildTimeline>) => void classMusic(of, timeline),
  };
  const times = new Map<string, number[]>(Object.keys(views).map((name) => [name, []]));
  for (let i = 0; i < rounds; i++) {
    const edited = applyCommand(plan, {
      type: 'edit-item',
      itemId: ids[i % ids.length] ?? '',
      change: { dose: [reps(4 + (i % 12))] },
    });
    if (!edited.ok) throw new Error(edited.error.code);
    plan = edited.value;
    const timeline = buildTimeline({ plan, find });
    for (const [name, look] of Object.entries(views)) {
      const start = performance.now();
      look(plan, timeline);
      if (i >= 10) times.get(name)?.push(performance.now() - start);
    }
  }
  for (const [name, list] of times) report(`${name} of a 40-item class after an edit, median`, median(list), 'ms', 4);
  const timeline = buildTimeline({ plan, find });
  const timed = (work: () => unknown) => {
    const start = performance.now();
    work();
    return performance.now() - start;
  };
  const short = Array.from({ length: 12 }, () => timed(() => tooFew(plan, timeline, 'chair', 3, find)));
  const bands = Array.from({ length: 5 }, () =>
    timed(() => {
      const work = fewerHandlings(plan, find);
      while (!work.next().done);
    }),
  );
  console.log(
    `        in the worker: pieces that are too few ${median(short).toFixed(1)} ms, bands ${median(bands).toFixed(0)} ms`,
  );
}

/** Runs in the page, as text so that nothing is compiled into it: each choice timed until the frame after it is painted. */
const choicesToPaint = `(async () => {
  const afterPaint = () => new Promise((resolve) => requestAnimationFrame(() => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => resolve();
    port2.postMessage(null);
  }));
  const times = [];
  for (let i = 0; i < 40; i++) {
    const choice = document.querySelector('select[aria-label="Where I stand"]');
    choice.value = ['front', 'behind', 'walks'][i % 3];
    const start = performance.now();
    choice.dispatchEvent(new Event('change'));
    await afterPaint();
    times.push(performance.now() - start);
    await new Promise((resolve) => setTimeout(resolve, 60));
  }
  return times.sort((a, b) => a - b)[20];
})()`;

/** Where to stand in a class of 40 items: from a choice to the painted page, in Chromium, ms. */
export async function choiceToSight(browser: Browser, base: string, id: string): Promise<number> {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${base}/class/${id}/through/sight`);
  await page.locator('.point').first().waitFor();
  return page.evaluate<number>(choicesToPaint);
}
