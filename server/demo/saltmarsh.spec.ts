import { Plan, itemsOf } from '@core/plan';
import { floorSuits } from '@core/kit';
import { owed, replay } from '@core/run';
import { buildTimeline } from '@core/timeline';
import { testServer } from '../testing/server';
import { addDemoClasses } from './saltmarsh';
import { addTaughtClass } from './taught';

describe('Saltmarsh Hall (invented)', () => {
  const server = testServer();
  let n = 0;
  addDemoClasses(server, () => `demo-id-${n++}`);
  const summaries = server.classes.list({ limit: 200 }).classes;
  const reads = summaries.map((s) => server.classes.read(s.id));
  afterAll(() => server.close());

  it('has at least six classes of 5, 10, 20, 45 and 60 minutes, for dancers, general students and both', () => {
    expect(summaries.length).toBeGreaterThanOrEqual(6);
    expect([...new Set(summaries.map((s) => s.slotSeconds / 60))].sort((a, b) => a - b)).toEqual([5, 10, 20, 45, 60]);
    expect(new Set(summaries.map((s) => s.audience))).toEqual(new Set(['dancers', 'general', 'mixed']));
  });

  it('has one class that was taught, two reps short on one side', () => {
    addTaughtClass(server, () => `demo-id-${n++}`, Date.UTC(2026, 10, 24));
    const [summary] = server.runs.list({ limit: 1 }).runs;
    const run = server.runs.read(summary?.id ?? '');
    const find = (id: string) => run.revisions.find((r) => r.revision === id)?.exercise ?? null;
    const state = replay(run.plan, run.events, run.events.at(-1)?.atMs ?? 0, find);
    expect(state.status).toBe('over');
    expect(state.records).toHaveLength(state.bouts.length);
    expect(owed(state)).toMatchObject([{ side: 'right', units: 2 }]);
  });

  it.each(reads.map((r) => [r.plan.title, r] as const))(
    '%s lands in its slot and can be taught there',
    (_, { plan, revisions }) => {
      expect(Plan.safeParse(plan).error).toBeUndefined();
      const timeline = buildTimeline({
        plan,
        find: (id) => revisions.find((r) => r.revision === id)?.exercise ?? null,
      });
      expect(timeline.problems).toEqual([]);
      expect(timeline.totalMs / 1000).toBeLessThanOrEqual(plan.slotSeconds);
      expect(timeline.totalMs / 1000).toBeGreaterThan(plan.slotSeconds * 0.85);
      const misfits = timeline.items.filter((t) => {
        const e = t.execution;
        return e?.floor === 'smooth-hard' && !floorSuits(e.floor, e.floorsRuledOut, plan.brief.floor);
      });
      expect(misfits).toEqual([]);
      expect(itemsOf(plan).length).toBeGreaterThan(2);
    },
  );
});
