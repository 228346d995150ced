import { and, eq, inArray, isNull } from 'drizzle-orm';
import { type Region, resolve } from '@core/exercise';
import { loadsOf } from '@core/homework';
import { type Load, itemLoads, together } from '@core/load';
import { itemsOf, readPlan, revisionsOf } from '@core/plan';
import { buildTimeline } from '@core/timeline';
import type { Db } from '../database';
import type { Library } from '../exercises/store';
import { parsed } from '../problem';
import { Remembered } from '../remember';
import { classes } from '../schema';

/** What a class is going to ask, read off its plan. */
export interface Planned {
  readonly load: Load;
  readonly does: { readonly exerciseIds: string[]; readonly loads: Region[] };
}

/** So many are remembered: the classes of some dozens of courses. */
const mostKnown = 1000;

/** What planned classes ask; each is worked out once for every state it is saved in. */
export class PlannedClasses {
  private readonly known = new Remembered<Planned | null>(mostKnown);

  constructor(
    private readonly db: Db,
    private readonly library: Library,
  ) {}

  /** Those of these classes that are there and can be read, by their ids. */
  of(ids: readonly string[]): Map<string, Planned> {
    if (ids.length === 0) return new Map();
    const rows = this.db
      .select({ id: classes.id, version: classes.version })
      .from(classes)
      .where(and(inArray(classes.id, [...ids]), isNull(classes.deletedAt)))
      .all();
    return new Map(
      rows.flatMap(({ id, version }): [string, Planned][] => {
        const planned = this.known.get(id, String(version), () => this.read(id));
        return planned ? [[id, planned]] : [];
      }),
    );
  }

  private read(id: string): Planned | null {
    const row = this.db.select({ plan: classes.plan }).from(classes).where(eq(classes.id, id)).get();
    const read = readPlan(parsed(row?.plan ?? 'null'));
    if (!read.ok) return null;
    const plan = read.value;
    const find = this.library.finder(revisionsOf(plan));
    const items = itemsOf(plan);
    const loads = items.flatMap(({ revision, rungId }) => {
      const exercise = find(revision);
      const settled = exercise && resolve(exercise, rungId, plan.school);
      return settled?.ok ? loadsOf(settled.value) : [];
    });
    return {
      load: together(itemLoads(buildTimeline({ plan, find }))),
      does: { exerciseIds: [...new Set(items.map(({ exerciseId }) => exerciseId))], loads: [...new Set(loads)] },
    };
  }
}
