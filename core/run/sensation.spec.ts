import { reps, timed } from '../dose';
import { bareClass, sampleExercise } from '../testing/sample';
import { answersIn } from './answers';
import type { RunAction, RunEvent } from './event';
import { currentBout, replay } from './run';
import { Sensation, isStop, sensationAnswers } from './sensation';
import { answerOf } from './tally';

const press = sampleExercise('press', { sidePattern: 'both' });
const { plan } = bareClass([
  { exercise: press, dose: reps(5) },
  { exercise: press, dose: timed(20), item: { recheck: { of: 'item-0' } } },
]);
const at = (atMs: number, ...told: RunAction[]) => {
  const events = told.map((event, seq): RunEvent => ({
    runId: 'run-1',
    deviceId: 'dev-1',
    seq,
    atMs: seq * 1000,
    event,
  }));
  return { events, state: replay(plan, events, atMs, () => press) };
};

describe('what somebody feels', () => {
  it('has an answer, whatever it is: the class goes on, a stop is for the one who feels it (common practice, no source)', () => {
    for (const sensation of Sensation.options) {
      const { words, follows } = sensationAnswers[sensation];
      expect([sensation, words.length > 0]).toEqual([sensation, true]);
      if (isStop(sensation)) expect(words).toContain('The class goes on');
      expect(follows === 'stop-and-refer').toBe(words.includes('refer at once'));
    }
  });

  it('a burn, a stretch, a click and soreness go on; a cramp is eased, a wobble held, pain the day after goes down', () => {
    const follows = (...list: Sensation[]) => list.map((s) => sensationAnswers[s].follows);
    expect(follows('burn', 'stretch', 'click', 'sore-next-day')).toEqual(['go-on', 'go-on', 'go-on', 'go-on']);
    expect(follows('cramp', 'tender-spot', 'wobble', 'pain-next-day')).toEqual(['ease', 'ease', 'support', 'lower']);
    expect(follows('joint-pain', 'sharp-pain', 'pinching', 'numbness', 'growing-pain')).toEqual(Array(5).fill('stop'));
    expect(follows('pop-at-the-heel', 'no-push-off', 'calf-hot-or-swollen', 'faint')).toEqual(
      Array(4).fill('stop-and-refer'),
    );
  });

  it('stands in the log with its exercise, and stops nobody’s count', () => {
    const { state } = at(
      9000,
      { kind: 'started' },
      { kind: 'started' },
      { kind: 'sensed', itemId: 'item-0', sensation: 'numbness' },
    );
    expect(state.sensed).toEqual([{ atMs: 2000, itemId: 'item-0', sensation: 'numbness' }]);
    expect([state.status, state.heldSinceMs]).toEqual(['work', null]);
  });
});

describe('hands at a look again', () => {
  it('are one answer of the room: what more than half say, else mixed, and none where no hand went up', () => {
    expect(answerOf({ better: 6, same: 3, worse: 1 })).toBe('better');
    expect(answerOf({ better: 5, same: 5, worse: 0 })).toBe('mixed');
    expect(answerOf({ better: 0, same: 0, worse: 2 })).toBe('worse');
    expect(answerOf({ better: 0, same: 0, worse: 0 })).toBeNull();
  });

  it('counted anew replace what was counted, and count for the exercise that was looked at', () => {
    const { state, events } = at(
      9000,
      { kind: 'tallied', itemId: 'item-1', better: 1, same: 0, worse: 0 },
      { kind: 'tallied', itemId: 'item-1', better: 2, same: 7, worse: 0 },
    );
    expect(state.tallies).toEqual([{ itemId: 'item-1', better: 2, same: 7, worse: 0 }]);
    expect(answersIn(plan, events)).toEqual([{ exerciseId: 'press', answer: 'same', place: 0 }]);
  });

  it('may send the class back to the drill at once; to keep or drop it moves nobody', () => {
    const decided = (keep: 'keep' | 'again' | 'drop') =>
      at(9000, { kind: 'moved', bout: 1 }, { kind: 'decided', itemId: 'item-1', keep }).state;
    expect([decided('again').boutIndex, decided('keep').boutIndex, decided('drop').boutIndex]).toEqual([0, 1, 1]);
    expect(currentBout(decided('again'))?.itemId).toBe('item-0');
    expect(decided('drop').decisions).toEqual([{ itemId: 'item-1', keep: 'drop' }]);
  });
});
