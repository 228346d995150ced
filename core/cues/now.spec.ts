import { reps } from '../dose';
import { type RunEvent, startRun, replay } from '../run';
import { bareClass, sampleExercise, timelineOf } from '../testing/sample';
import { type Plan, type TalkItem, newBlock } from '../plan';
import { saidNow, scriptOf } from './index';

const press = sampleExercise('press', {}, [6]);
const find = () => press;
const go: RunEvent['event'] = { kind: 'started' };
const talk: TalkItem = { kind: 'talk', id: 'item-t', name: 'Opening', seconds: 60, note: 'Who has news?' };
const bare = bareClass([{ exercise: press, dose: reps(4) }]).plan;
const plan: Plan = { ...bare, pace: { ...bare.pace, talkKnownSeconds: 4, secondSetupSeconds: 5 } };
const said = (of: Plan, atMs: number, ...told: [number, RunEvent['event']][]) => {
  const events = told.map(([ms, event], seq) => ({ runId: 'run-1', deviceId: 'dev-1', seq, atMs: ms, event }));
  const state = replay(of, events, atMs, find);
  return saidNow(scriptOf({ plan: of, timeline: startRun(of, find).timeline }), state)?.words ?? '';
};

describe('what is said on the floor', () => {
  it('is the set-up while the class waits and is set up, then action, picture and silence, on the teacher’s clock', () => {
    expect(said(plan, 0)).toBe('Sit tall.');
    expect(said(plan, 30_000, [0, go])).toBe('Sit tall.');
    const at = (ms: number) => said(plan, 40_000 + ms, [0, go], [40_000, go]);
    expect([at(0), at(6000), at(12_000), at(18_000)]).toEqual(['Press.', 'A stamp on wet sand.', '', 'Last one.']);
  });

  it('keeps what somebody has to mind, and the options, off the face for the room', () => {
    const caution = { concern: 'sore-achilles', action: 'go-gently', words: 'Heel stays down.' } as const;
    const minded = { ...press, cautions: [caution] };
    const long = bareClass([
      { exercise: minded, dose: reps(4), item: { talk: { beforeSeconds: 30, overSeconds: 0 } } },
    ]).plan;
    const of: Plan = { ...long, brief: { ...long.brief, concerns: ['sore-achilles'] } };
    const at = (ms: number) => {
      const event: RunEvent = { runId: 'run-1', deviceId: 'dev-1', seq: 0, atMs: 0, event: go };
      const state = replay(of, [event], ms, () => minded);
      return saidNow(scriptOf({ plan: of, timeline: state.timeline }), state)!;
    };
    expect([at(0).words, at(0).teacherOnly]).toEqual(['Sit tall.', false]);
    expect([at(3000).words, at(3000).teacherOnly]).toEqual(['With a sore Achilles tendon: heel stays down.', true]);
  });

  it('names the other foot with its set-up while that is set up', () => {
    expect(said(plan, 30_000, [0, go], [1000, go])).toBe('The right foot. Sit tall.');
  });

  it('stays in talk that goes on past its time', () => {
    const opened: Plan = { ...plan, blocks: [newBlock('block-t', 'Open', [talk]), ...plan.blocks] };
    expect(said(opened, 0)).toBe('Who has news?');
    expect(said(opened, 95_000, [0, go])).toBe('Who has news?');
  });

  it('says that skin is looked at when what was worn comes off', () => {
    const pair = [press, press].map((exercise) => ({ exercise, dose: reps(2) }));
    const [first, ...rest] = pair;
    const { plan: both } = bareClass([{ ...first!, item: { wornUntil: 'item-1' } }, ...rest]);
    const worn = { ...both, pace: { ...both.pace, secondSetupSeconds: 5 } };
    const { cues } = scriptOf({ plan: worn, timeline: timelineOf(worn, [press, press]) });
    expect(cues.find((cue) => cue.moment === 'take-off')?.words).toContain('the skin is even in colour');
  });
});
