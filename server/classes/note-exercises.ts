import { eq } from 'drizzle-orm';
import { type Plan, itemsOf } from '@core/plan';
import type { Db } from '../database';
import { classExercises } from '../schema';

/** Which exercises a plan uses, at which revision, and how often. */
export function exercisesIn(plan: Plan): (typeof classExercises.$inferInsert)[] {
  const counts = new Map<string, { exerciseId: string; revision: string; items: number }>();
  for (const { exerciseId, revision } of itemsOf(plan)) {
    const key = `${exerciseId} ${revision}`;
    counts.set(key, { exerciseId, revision, items: (counts.get(key)?.items ?? 0) + 1 });
  }
  return [...counts.values()].map((row) => ({ classId: plan.id, ...row }));
}

/** Notes them, so that they are found by an index. */
export function noteExercises(db: Db, plan: Plan): void {
  db.delete(classExercises).where(eq(classExercises.classId, plan.id)).run();
  const rows = exercisesIn(plan);
  if (rows.length > 0) db.insert(classExercises).values(rows).run();
}
