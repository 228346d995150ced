import { onUnstableGround } from '../situation';
import type { Execution } from '../resolve';
import type { Sense } from './note';

const guarded = (done: Execution) => done.impactsPerRep > 0 || onUnstableGround(done);

/** Unstable ground and landings open by weeks too: the first level that has them, or one before it, has a door. */
export const door: Sense = ({ exercise, rung, done, before }) => {
  if (!guarded(done) || (before && guarded(before))) return [];
  if (rung === null && exercise.ladder) return [];
  const rungs = exercise.ladder?.rungs ?? [];
  const upTo = rung === null ? [] : rungs.slice(0, rungs.indexOf(rung) + 1);
  if (upTo.some((r) => r.door)) return [];
  const what = done.impactsPerRep > 0 ? 'landings' : 'ground that moves';
  return [
    {
      code: 'no-door-of-weeks',
      words: rung
        ? `“${rung.name}”: ${what}, and no weeks before it. Say after how many weeks of basics it opens.`
        : `There are ${what}, and no weeks before them. Give it levels, and say after how many weeks of basics they open.`,
    },
  ];
};
