import { type History, noHistory } from '@core/compose';
import type { GroupHelped, GroupTaught } from '@core/contract';

/** What the log knows of a group, as its next class meets it. */
export function groupHistory(taught: GroupTaught | null, helped: GroupHelped | null): History {
  const looks: Record<string, { better: number; looks: number }> = {};
  for (const { exerciseId, answer } of helped?.answers ?? []) {
    const so = looks[exerciseId] ?? { better: 0, looks: 0 };
    looks[exerciseId] = { better: so.better + Number(answer === 'better'), looks: so.looks + 1 };
  }
  return { ...noHistory, times: taught?.times ?? {}, last: taught?.last?.items ?? [], helped: looks };
}
