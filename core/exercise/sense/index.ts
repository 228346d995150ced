import type { Exercise } from '../exercise';
import { type Execution, resolve } from '../resolve';
import { defaultSchool } from '../school';
import { door } from './door';
import { effort, otherFoot } from './effort';
import { gates } from './gates';
import { levelWords } from './level-words';
import type { Sense, SenseNote, Way } from './note';
import { ratings } from './ratings';
import { reach } from './reach';
import { seen } from './seen';
import { speaking } from './speaking';
import { ways } from './ways';

const senses: readonly Sense[] = [seen, levelWords, gates, reach, ratings, ways, speaking, door, effort, otherFoot];

function waysOf(exercise: Exercise): Way[] {
  const settle = (rungId: string | null): Execution | null => {
    const found = resolve(exercise, rungId, defaultSchool);
    return found.ok ? found.value : null;
  };
  const written = settle(null);
  const rungs = exercise.ladder?.rungs ?? [];
  return [
    ...(written ? [{ exercise, rung: null, before: null, done: written }] : []),
    ...rungs.flatMap((rung, i) => {
      const done = settle(rung.id);
      const earlier = rungs[i - 1];
      return done ? [{ exercise, rung, before: earlier ? settle(earlier.id) : null, done }] : [];
    }),
  ];
}

/**
 * What a foot teacher would stumble over in an exercise: a fault that cannot be seen, a level in another level's words, a
 * gate nobody or everybody passes, a load that is not one. Each is said in words with what to do; none keeps it from being
 * saved. The same once is said once.
 */
export function senseOf(exercise: Exercise): SenseNote[] {
  const notes = waysOf(exercise).flatMap((way) =>
    senses.flatMap((sense) => sense(way).map((note) => ({ ...note, rungId: way.rung?.id ?? null }))),
  );
  const said = new Set<string>();
  return notes.filter(({ words }) => !said.has(words) && said.add(words));
}
