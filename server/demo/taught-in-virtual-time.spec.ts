import { findItem } from '@core/plan';
import { type Bout, type RunState, boutsOf, currentBout, owed, payBack, replay, retime } from '@core/run';
import { review } from '@core/sequence';
import { floorTeacher } from '@core/testing/floor-teacher';
import { buildTimeline } from '@core/timeline';
import { testServer } from '../testing/server';
import { addDemoClasses } from './saltmarsh';

/** What is added up here are the lengths of the bouts, as the timeline cuts them; never what the run itself has counted. */
const setUpMs = ({ startMs, workStartMs }: Bout) => workStartMs - startMs;
const workMs = ({ workStartMs, workEndMs }: Bout) => workEndMs - workStartMs;
const lengthMs = (bout: Bout) => setUpMs(bout) + workMs(bout);
const sum = (numbers: readonly number[]) => numbers.reduce((total, n) => total + n, 0);

describe('the classes of Saltmarsh Hall, taught from end to end in virtual time', () => {
  const server = testServer();
  let n = 0;
  addDemoClasses(server, () => `demo-id-${n++}`);
  const classes = server.classes.list({ limit: 200 }).classes.map(({ id, title }) => [title, id] as const);
  afterAll(() => server.close());

  const open = (id: string) => {
    const { plan, revisions, standbys } = server.classes.read(id);
    const known = [...revisions, ...standbys];
    const find = (revision: string) => known.find((one) => one.revision === revision)?.exercise ?? null;
    const teacher = floorTeacher(plan, find, standbys);
    /** One bout from where it waits to its end. */
    const bout = () => {
      const here = currentBout(teacher.now())!;
      // putting something on, or taking it off, is all set-up
      if (currentBout(teacher.count())?.index === here.index) teacher.work();
      return here;
    };
    return { plan, find, teacher, bout, bouts: boutsOf(buildTimeline({ plan, find })) };
  };
  it.each(classes)('%s: on the dot, it ends when its bouts are over, and no foot is owed anything', (_, id) => {
    const { teacher, bout, bouts } = open(id);
    while (teacher.now().status !== 'over') bout();
    expect(teacher.now().records.at(-1)!.endedAtMs).toBe(sum(bouts.map(lengthMs)));
    expect(owed(teacher.now())).toEqual([]);
  });

  it.each(classes)('%s: late by what was waited, to the millisecond, at every bout', (_, id) => {
    const { teacher, bout, bouts } = open(id);
    let waited = 0;
    for (const { index, goesStraightOn } of bouts) {
      // a second foot goes straight on; before anything else she waits for the room, a little more each time
      const ms = goesStraightOn ? 0 : 1700 + 37 * index;
      teacher.wait(ms);
      waited += ms;
      bout();
      const done = sum(bouts.slice(0, index + 1).map(lengthMs));
      expect([index, teacher.now().records.at(-1)!.endedAtMs]).toEqual([index, done + waited]);
      const rest = bouts[index + 1];
      if (rest) expect([index, retime(teacher.now()).behindMs]).toEqual([index, done + waited - rest.startMs]);
    }
  });

  it.each(classes)('%s: skips one, repeats one, and goes on from there', (_, id) => {
    const { teacher, bout, bouts, plan } = open(id);
    const skipped = bouts.find(({ index, itemId }) => index > 1 && itemId !== null && findItem(plan, itemId))!;
    const again = bouts.findLast(({ itemId, goesStraightOn }) => itemId !== null && !goesStraightOn)!;
    let spent = 0;
    let repeats = 0;
    while (teacher.now().status !== 'over') {
      const here = currentBout(teacher.now())!;
      if (here.itemId === skipped.itemId) {
        teacher.tap('skip');
        continue;
      }
      spent += lengthMs(bout());
      if (here.index === again.index && repeats === 0 && teacher.now().status === 'ready') {
        repeats += 1;
        teacher.tap('again');
      }
    }
    expect(teacher.now().records.at(-1)!.endedAtMs).toBe(spent);
    const left = teacher.now().records.filter(({ itemId }) => itemId === skipped.itemId);
    expect(sum(left.map(({ unitsDone }) => unitsDone))).toBe(0);
  });

  it.each(classes)('%s: what is paid back next time is judged: it brings nothing unsafe into the class', (_, id) => {
    const { plan, find, bouts } = open(id);
    const hard = (of: typeof plan) =>
      review({ plan: of, timeline: buildTimeline({ plan: of, find }), library: [], nextId: () => 'made-1' })
        .filter(({ severity }) => severity === 'hard')
        .map(({ key }) => key);
    const debts = bouts.flatMap(({ itemId, feet }) =>
      itemId !== null && feet === 'right' ? [{ itemId, side: 'right' as const, units: 2 }] : [],
    );
    for (const debt of debts) {
      const paid = payBack(plan, [debt], find);
      if (paid) expect(hard(paid.plan)).toEqual(hard(plan));
    }
  });

  it.each(classes)('%s: the page loaded again at any instant stands where it stood', (_, id) => {
    const { teacher, bout, plan, find } = open(id);
    const seen: RunState[] = [];
    while (teacher.now().status !== 'over') {
      const here = currentBout(teacher.count())!;
      seen.push(teacher.wait(Math.floor(workMs(here) / 3)));
      if (here.index % 3 === 1) {
        teacher.tell({ kind: 'held' });
        seen.push(teacher.wait(4321));
        teacher.tell({ kind: 'resumed' });
      }
      bout();
    }
    for (const state of seen) {
      const kept = JSON.parse(JSON.stringify(teacher.events)) as typeof teacher.events;
      const again = replay(plan, kept, state.atMs, find);
      expect(again.boutIndex).toBe(state.boutIndex);
      expect(retime(again)).toEqual(retime(state));
    }
  });
});
