import { reps } from '../dose';
import type { Performance } from '../exercise';
import { kit } from '../exercise/catalogue/author';
import { bareClass, sampleExercise } from '../testing/sample';
import { nextKit } from './next-kit';
import type { RunAction, RunEvent } from './event';
import { replay } from './run';

const needs = (id: string, ...pieces: Performance['kit']) =>
  sampleExercise(id, { sidePattern: 'both', kit: pieces }, [10]);
const exercises = [
  needs('bare'),
  needs('band', kit('band', 'person')),
  needs('both', kit('band', 'person'), kit('cloth', 'person')),
];
const find = (revision: string) => exercises[Number.parseInt(revision, 16)] ?? null;
const { plan } = bareClass(exercises.map((exercise) => ({ exercise, dose: reps(10) })));
const at = (atMs: number, ...told: [number, RunAction][]) =>
  replay(
    plan,
    told.map(([ms, event], seq): RunEvent => ({ runId: 'run-1', deviceId: 'dev-1', seq, atMs: ms, event })),
    atMs,
    find,
  );
const go: RunAction = { kind: 'started' };

describe('kit for the next item', () => {
  it('is told 45 s ahead, early enough to fetch it, and not before', () => {
    // 100 s of work: 45 s before its end is at 55 s
    expect(nextKit(at(54_000, [0, go]))).toEqual([]);
    expect(nextKit(at(56_000, [0, go]))).toEqual(['band']);
  });

  it('leaves out what is out already, and there is none after the last item', () => {
    const second = (ms: number) => at(200_000 + ms, [200_000, { kind: 'moved', bout: 1 }], [200_000, go]);
    expect(nextKit(second(60_000))).toEqual(['cloth']);
    expect(nextKit(at(10_000, [0, { kind: 'moved', bout: 2 }]))).toEqual([]);
  });
});
