import { eq } from 'drizzle-orm';
import { type Plan, itemsOf } from '@core/plan';
import type { Db } from '../database';
import { classExercises } from '../schema';

/** Notes which exercises a plan uses, so that they are found by an index. */
export function noteExercises(db: Db, plan: Plan): void {
  db.delete(classExercises).where(eq(classExercises.classId, plan.id)).run();
  const counts = new Map<string, { exerciseId: string; revision: string; items: number }>();
  for (const { exerciseId, revision } of itemsOf(plan)) {
    const key = `${exerciseId} ${revision}`;
    counts.set(key, { exerciseId, revision, items: (counts.get(key)?.items ?? 0) + 1 });
  }
  const rows = [...counts.values()].map((row) => ({ classId: plan.id, ...row }));
  if (rows.length > 0) db.insert(classExercises).values(rows).run();
}
