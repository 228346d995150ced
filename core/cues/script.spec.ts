import { holds, reps, timed } from '../dose';
import type { Exercise } from '../exercise';
import { phase, restsFlat, say, seatedFlat } from '../exercise/catalogue/author';
import { bareClass, sampleExercise, timelineOf } from '../testing/sample';
import { type Item, type Plan, newBlock } from '../plan';
import { isTooLong, scriptOf, silences, spokenMs, talkOutlasting, tooLongIn } from './index';

type Entry = Parameters<typeof bareClass>[0][number];
const words = (n: number, word = 'toe') => `${Array.from({ length: n }, () => word).join(' ')}.`;

/** An exercise that says so and so; at 120 words a minute a word takes half a second. */
function saying(cues: Partial<Record<'setup' | 'action' | 'picture' | 'breath' | 'correction', string>>, of: Exercise) {
  const said = Object.fromEntries(Object.entries(cues).map(([kind, text]) => [kind, say(text)]));
  return { ...of, cues: { ...of.cues, ...said } };
}
const rate = 120;
const script = (entries: readonly Entry[], change: Partial<Plan> = {}, taught = 0) => {
  const { plan } = bareClass(entries, change);
  const spoken = { ...plan, pace: { ...plan.pace, talkKnownSeconds: 4, speakingWordsPerMinute: rate } };
  const timeline = timelineOf(
    spoken,
    entries.map((e) => e.exercise),
  );
  return scriptOf({ plan: spoken, timeline, taught });
};
const told = (entries: readonly Entry[], change: Partial<Plan> = {}, taught = 0) =>
  script(entries, change, taught).cues.map(({ moment, feet, startMs, words: said }) => [moment, feet, startMs, said]);

const slow = sampleExercise('press', {}, [6]);
const both = sampleExercise('stand', { sidePattern: 'both' }, [6]);

describe('what is said', () => {
  it('is the set-up before the first rep, the action on it, the picture on the second, then silence up to the last', () => {
    expect(told([{ exercise: both, dose: reps(5) }])).toEqual([
      ['setup', 'both', 0, 'Sit tall.'],
      ['action', 'both', 4000, 'Press.'],
      ['picture', 'both', 10_000, 'A stamp on wet sand.'],
      ['last', 'both', 28_000, 'Last one.'],
    ]);
  });

  it('is nothing where whoever made the exercise has not written it yet: no silence is spoken', () => {
    const bare = saying({ setup: '', action: '', picture: '', correction: '' }, sampleExercise('mine', {}, [6]));
    expect(told([{ exercise: bare, dose: reps(3) }]).map(([moment]) => moment)).toEqual(['last', 'last']);
  });

  it('is a small part of the class: the rest is silence, and both add up', () => {
    const { cues, ...rest } = script([{ exercise: both, dose: reps(5) }]);
    const whole = { cues, ...rest };
    // Sit tall. Press. A stamp on wet sand. Last one.: ten words at 120 a minute, in 4 + 30 s
    expect(spokenMs(whole)).toBe(5000);
    expect(silences(whole, 34_000)).toEqual([3000, 5500, 15_500, 5000]);
  });

  it('is one idea at a time, however much there is to say', () => {
    const item = { cues: { breath: 'Out as you press.' } };
    const { cues } = script([{ exercise: both, dose: reps(6), item }]);
    expect(cues.map((c) => c.moment)).toEqual(['setup', 'action', 'picture', 'breath', 'last']);
    for (const [i, cue] of cues.entries())
      expect(cue.startMs + cue.sayMs).toBeLessThanOrEqual(cues[i + 1]?.startMs ?? Infinity);
  });

  it('names the other foot, says the action once more and one correction; the second foot of one hold gets the picture', () => {
    const corrected = saying({ correction: 'Heel heavy.' }, slow);
    expect(told([{ exercise: corrected, dose: reps(3) }]).filter(([, feet]) => feet === 'right')).toEqual([
      ['action', 'right', 22_000, 'Press.'],
      ['correction', 'right', 28_000, 'Heel heavy.'],
      ['last', 'right', 34_000, 'Last one.'],
    ]);
    const hold = told([{ exercise: slow, dose: holds(1, 10, 0) }]);
    expect(hold.map(([moment, feet]) => [moment, feet])).toEqual([
      ['setup', 'left'],
      ['action', 'left'],
      ['picture', 'right'],
    ]);
  });

  it('lets a rhythm run before the picture comes: quick reps share an idea', () => {
    const quick = sampleExercise('tap', { sidePattern: 'both' }, [2]);
    expect(told([{ exercise: quick, dose: reps(10) }]).slice(1, 3)).toEqual([
      ['action', 'both', 4000, 'Press.'],
      ['picture', 'both', 10_000, 'A stamp on wet sand.'],
    ]);
    // one long time holds both
    expect(told([{ exercise: both, dose: timed(60) }]).slice(1, 3)).toEqual([
      ['action', 'both', 4000, 'Press.'],
      ['picture', 'both', 24_000, 'A stamp on wet sand.'],
    ]);
  });

  it('says a change of direction on the last rep before it, and not where each way has one rep', () => {
    const turned = told([{ exercise: both, dose: reps(3, { per: { directions: 2 } }) }]);
    expect(turned.filter(([moment]) => moment === 'turn')).toEqual([
      ['turn', 'both', 4000 + 2 * 6000, 'Last one, then the other way.'],
    ]);
    const single = told([{ exercise: both, dose: reps(1, { per: { directions: 2 } }) }]);
    expect(single.some(([moment]) => moment === 'turn')).toBe(false);
  });

  it('says options and what the room has to mind before the first rep, where there is time; never what nobody has', () => {
    const caution = { concern: 'sore-achilles', action: 'go-gently', words: 'Heel stays down.' } as const;
    const minded: Exercise = { ...both, cautions: [caution, { ...caution, concern: 'cramp' }] };
    const brief = bareClass([]).plan.brief;
    const before = (seconds: number, concerns: Plan['brief']['concerns']) =>
      told([{ exercise: minded, dose: reps(3), item: { talk: { beforeSeconds: seconds, overSeconds: 0 } } }], {
        brief: { ...brief, concerns },
      }).flatMap(([moment, , , said]) => (moment === 'limit' ? [said] : []));
    expect(before(20, ['sore-achilles'])).toEqual(['With a sore Achilles tendon: heel stays down.']);
    expect(before(3, ['sore-achilles'])).toEqual([]);
    expect(before(20, [])).toEqual([]);
  });

  describe('an idea that can be followed', () => {
    const lifted = sampleExercise('lifted', {
      sidePattern: 'both',
      phases: [phase('lift', 6, { ...seatedFlat, midfoot: 'lifted' })],
    });
    const letDown = sampleExercise('let-down', {
      sidePattern: 'both',
      phases: [phase('let it down', 6, { ...seatedFlat, midfoot: 'let-down' })],
    });
    const { brief } = bareClass([]).plan;
    const follows = (entries: readonly Entry[]) =>
      script(entries, {
        brief: { ...brief, idea: 'Middle up.', ideaTie: { kind: 'listed', id: 'middle-lifts' } },
      }).cues;
    const saidAs = (moment: string, cues: ReturnType<typeof follows>) =>
      cues.filter((cue) => cue.moment === moment).map(({ words: said }) => said);

    it('is said, and its picture comes back changed with the next that carries it', () => {
      const cues = follows([
        { exercise: lifted, dose: reps(3) },
        { exercise: lifted, dose: reps(3) },
      ]);
      expect(saidAs('idea', cues)).toEqual(['Middle up.', 'The tide again: the bridge stays dry.']);
    });

    it('is silent where an exercise is about something else, and bridged where it asks the opposite', () => {
      const cues = follows([
        { exercise: lifted, dose: reps(3) },
        { exercise: both, dose: reps(3) },
        { exercise: letDown, dose: reps(3), item: { talk: { beforeSeconds: 12, overSeconds: 0 } } },
      ]);
      expect(saidAs('idea', cues)).toEqual([
        'Middle up.',
        'Here the middle is let down on purpose; then it lifts again.',
      ]);
    });

    it('is asked about in the look that closes the class', () => {
      const cues = follows([
        { exercise: lifted, dose: reps(3) },
        { exercise: both, dose: timed(40), item: { recheck: { of: null } } },
      ]);
      expect(saidAs('ask', cues)).toEqual([
        'Does the middle of the foot lift more easily than at the start? Hands up: better? The same? Worse?',
      ]);
    });

    it('corrects what is about it first, where an exercise has such a fault', () => {
      const arch = { seen: 'the arch sinks', from: 'inner side' as const, say: 'Arch up.' };
      const each = {
        ...sampleExercise('each', { phases: lifted.performance.phases }),
        faults: [...lifted.faults, arch],
      };
      const cues = follows([{ exercise: each, dose: reps(4) }]);
      expect(saidAs('correction', cues)).toEqual(['Arch up.']);
    });
  });

  it('says the idea of the class once, as soon as there is time for it', () => {
    const brief = { ...bareClass([]).plan.brief, idea: 'Long toes all day.' };
    const entries = [2, 20, 20].map((beforeSeconds): Entry => ({
      exercise: both,
      dose: reps(3),
      item: { talk: { beforeSeconds, overSeconds: 0 } },
    }));
    const { cues } = script(entries, { brief });
    expect(cues.filter((c) => c.moment === 'idea').map((c) => c.itemId)).toEqual(['item-1']);
  });

  it('takes another picture from class to class, and the teacher’s own words before all others', () => {
    const many: Exercise = { ...both, pictures: [say('A slow door.')] };
    const picture = (taught: number, own: Partial<Item> = {}) =>
      script([{ exercise: many, dose: reps(3), item: own }], {}, taught).cues.find((c) => c.moment === 'picture')
        ?.words;
    expect([0, 1, 2].map((n) => picture(n))).toEqual(['A stamp on wet sand.', 'A slow door.', 'A stamp on wet sand.']);
    expect(picture(1, { cues: { picture: 'My own.' } })).toBe('My own.');
  });

  it('asks for hands at the end of a look again', () => {
    const looked = told([{ exercise: both, dose: timed(20), item: { recheck: { of: null } } }]);
    expect(looked.at(-1)).toEqual(['ask', 'both', 24_000 - 3000, 'Hands up: better? The same? Worse?']);
  });

  it('asks for hands once, when both feet have had their look', () => {
    const looked = told([{ exercise: slow, dose: reps(4), item: { recheck: { of: null } } }]);
    expect(looked.filter(([moment]) => moment === 'ask').map(([, feet]) => feet)).toEqual(['right']);
  });

  it('of something new begins on the slow rep that shows it, which the other foot does not have', () => {
    const { plan: bare } = bareClass([{ exercise: slow, dose: reps(4), item: { familiarity: 'new' } }]);
    const plan = { ...bare, pace: { ...bare.pace, firstRepTimes: 3, demonstrationMostSeconds: 20 } };
    const timeline = timelineOf(plan, [slow]);
    const [first, second] = scriptOf({ plan, timeline }).cues.filter(({ moment }) => moment === 'action');
    const { events } = timeline;
    const shown = events.filter(({ kind }) => kind === 'demonstration');
    const right = events.find(({ activity, feet }) => activity === 'work' && feet === 'right');
    expect(shown.map(({ startMs }) => startMs)).toEqual([first?.startMs]);
    expect([second?.feet, second?.startMs]).toEqual(['right', right?.startMs]);
  });

  it('is what stands in a talk, and the question while the feet are compared', () => {
    const { plan } = bareClass([{ exercise: slow, dose: reps(3) }], {}, 'by-foot');
    const talk = { kind: 'talk' as const, id: 'item-t', name: 'Opening', seconds: 60, note: 'Who has news?' };
    const whole: Plan = {
      ...plan,
      pace: { ...plan.pace, compareSeconds: 20 },
      blocks: [newBlock('block-t', 'Open', [talk]), ...plan.blocks],
    };
    const { cues } = scriptOf({ plan: whole, timeline: timelineOf(whole, [slow]) });
    expect(cues.filter((c) => c.moment === 'talk' || c.moment === 'compare').map((c) => c.words)).toEqual([
      'Who has news?',
      'Both feet on the floor. Which one is wider, warmer, steadier?',
    ]);
  });
});

describe('words that are longer than their place', () => {
  const lifting = sampleExercise('lift', {
    sidePattern: 'both',
    phases: [phase('lift', 3, seatedFlat, { other: restsFlat }), phase('lower', 9, seatedFlat, { other: restsFlat })],
  });
  const action = `Lift ${words(9)} Now lower.`;

  it('are held against the phase they tell, not against the rep', () => {
    const found = tooLongIn(script([{ exercise: saying({ action }, lifting), dose: reps(3) }]));
    // ten words at 120 a minute are 5.0 s, the phase is 3 s; the whole rep is 12 s
    expect(found).toMatchObject([{ kind: 'action', phase: 'lift', sayMs: 5000, roomMs: 3000, longerSeconds: null }]);
  });

  it('come with a shorter wording of the whole, and before the work with the seconds that would do', () => {
    const said = saying({ setup: `Sit tall. ${words(18)}` }, both);
    expect(tooLongIn(script([{ exercise: said, dose: reps(3) }]))).toMatchObject([
      { kind: 'setup', sayMs: 10_000, roomMs: 4000, instead: 'Sit tall.', longerSeconds: 6 },
    ]);
    const endless = saying({ setup: words(400) }, both);
    expect(tooLongIn(script([{ exercise: endless, dose: reps(3) }]))).toMatchObject([{ instead: null }]);
  });

  it('taken shorter can be said', () => {
    const long = saying({ action: `Lift, ${words(9)} Now lower.`, setup: `Sit tall. ${words(18)}` }, lifting);
    const found = tooLongIn(script([{ exercise: long, dose: reps(3) }]));
    expect(found.map((f) => f.kind)).toEqual(['setup', 'action']);
    const cues = Object.fromEntries(found.map((f) => [f.kind, f.instead ?? '']));
    expect(tooLongIn(script([{ exercise: long, dose: reps(3), item: { cues } }]))).toEqual([]);
  });

  it('by half a second are not worth a word', () => {
    expect(isTooLong({ sayMs: 4500, roomMs: 4000 })).toBe(false);
    expect(isTooLong({ sayMs: 4501, roomMs: 4000 })).toBe(true);
  });

  it('are those of talk over the work that goes on when the work is over', () => {
    const over = (overSeconds: number) => {
      const { plan, timeline } = bareClass([
        { exercise: both, dose: reps(3), item: { talk: { beforeSeconds: null, overSeconds } } },
      ]);
      return talkOutlasting(plan, timeline);
    };
    expect(over(18)).toEqual([]);
    expect(over(40)).toEqual([{ itemId: 'item-0', talkMs: 40_000, workMs: 18_000 }]);
  });
});
