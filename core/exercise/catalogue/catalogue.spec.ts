import { doseTime } from '../../dose';
import type { KitId } from '../../kit';
import { answersOf, likeness, swapsFor } from '../../library';
import { checkWording } from '../../words';
import { Concern, Direction, Exercise, Family, oppositeOf } from '../exercise';
import { movedAxes } from '../ladder';
import { type Execution, resolve } from '../resolve';
import { defaultSchool, schoolAnswers } from '../school';
import { catalogue } from './index';
import { exercise as written } from './author';
import { pairs } from './pairs';

/** Every way an exercise can be done: each rung, under the default school and each variant's school. */
function executionsOf(exercise: Exercise): Execution[] {
  const schools = [defaultSchool, ...exercise.schoolVariants.map((v) => ({ ...defaultSchool, ...v.when }))];
  const rungs = [null, ...(exercise.ladder?.rungs.map((r) => r.id) ?? [])];
  return schools.flatMap((school) =>
    rungs.map((rung) => {
      const result = resolve(exercise, rung, school);
      if (!result.ok) throw new Error(`${exercise.id}: ${result.error.code}`);
      return result.value;
    }),
  );
}
/** Every level of an exercise as the default school has it. */
const rungsOf = (exercise: Exercise) => executionsOf({ ...exercise, schoolVariants: [] });
const named = catalogue.map((e) => [e.id, e] as const);
const words = (e: Exercise) => JSON.stringify([e.name, e.purpose, e.cues, e.faults, e.cautions]);

describe('the catalogue', () => {
  it('has at least a hundred exercises over all families, each once, no two of one name', () => {
    expect(catalogue.length).toBeGreaterThanOrEqual(100);
    expect(new Set(catalogue.map((e) => e.name.plain)).size).toBe(catalogue.length);
    expect(new Set(catalogue.map((e) => e.id)).size).toBe(catalogue.length);
    expect(Family.options.filter((f) => !catalogue.some((e) => e.family === f))).toEqual([]);
  });

  it.each(named)('%s is complete in every field', (_, exercise) => {
    expect(Exercise.safeParse(exercise).error?.issues).toBeUndefined();
    expect(exercise.faults.length).toBeGreaterThanOrEqual(2);
  });

  it.each(named)('%s can be done on every rung and in every school, with its seconds in order', (_, exercise) => {
    for (const execution of executionsOf(exercise)) {
      const [least, usual, most] = [execution.doses.least, execution.doses.usual, execution.doses.most].map((dose) => {
        const { workMs, restMs } = doseTime(dose, execution.phaseSeconds);
        return workMs + restMs;
      });
      expect(least).toBeLessThanOrEqual(usual ?? 0);
      expect(usual).toBeLessThanOrEqual(most ?? 0);
    }
  });

  it.each(named)('%s says what the other foot does wherever the two feet do not do the same', (_, exercise) => {
    for (const { sidePattern, phases } of executionsOf(exercise)) {
      const said = phases.filter((phase) => phase.other !== null).length;
      if (sidePattern === 'each' || sidePattern === 'alternate') expect(said).toBe(phases.length);
    }
  });

  it.each(named)(
    '%s draws footprints where the foot bears weight, and a band or a hanging foot as an ankle',
    (_, exercise) => {
      for (const phase of executionsOf(exercise).flatMap((e) => e.phases)) {
        const bears = Object.values(phase.working.contacts).some(
          (c) => c.contact === 'press' && c.meets !== 'band' && c.meets !== 'hand',
        );
        const onTops = phase.working.toes === 'on-tops';
        if (bears && !onTops) expect(phase.picture).toBe('footprints');
        if (onTops) expect(phase.picture).not.toBe('footprints');
        if (phase.working.weightLine === 'none') expect(phase.picture).not.toBe('footprints');
      }
    },
  );

  it.each(named)('%s moves one axis a rung, or says why two', (_, exercise) => {
    const rungs = exercise.ladder?.rungs ?? [];
    rungs.forEach((rung, i) => {
      const before = rungs[i - 1];
      if (before && movedAxes(before.axes, rung.axes).length > 1) expect(rung.why).not.toBeNull();
      if (before) expect(movedAxes(before.axes, rung.axes).length).toBeGreaterThan(0);
    });
    expect(exercise.ladder ? exercise.ladder.rungs.length : 3).toBeGreaterThanOrEqual(3);
  });

  it('trains turning out with a band on the outer border and turning in with one on the inner (practice)', () => {
    const banded = catalogue.filter((e) => e.performance.band?.purpose === 'resist');
    expect(banded.length).toBeGreaterThan(0);
    for (const e of banded) {
      if (e.performance.band?.border === 'outer')
        expect([e.directions, e.performance.regions['outer-ankle']]).toEqual([['turn-out'], 3]);
      if (e.performance.band?.border === 'inner')
        expect([e.directions, e.performance.regions['inner-ankle']]).toEqual([['turn-in'], 3]);
    }
  });

  it('sets up nobody in another position than the rung is done in', () => {
    const postures: readonly (readonly [RegExp, RegExp])[] = [
      [/\b(sit(?! down)|seated)\b/i, /seated|kneeling/],
      [/\b(stand|stance)\b/i, /standing|walking/],
      [/\bkneel\b/i, /kneeling/],
      [/\blie on\b/i, /lying/],
      [/\blane\b/i, /walking/],
    ];
    const wrong = catalogue.flatMap((e) =>
      rungsOf(e).flatMap((x) => {
        const said = x.cues.setup.plain;
        const about = postures.filter(([word]) => word.test(said));
        const fits = about.length === 0 || about.some(([, position]) => position.test(x.position));
        const changed = x.rungId !== null && x.position !== e.performance.position && x.cues.setup === e.cues.setup;
        return fits && !changed ? [] : [`${e.id} ${x.rungId}: ${said}`];
      }),
    );
    expect(wrong).toEqual([]);
  });

  it('names no seconds, counts, reps or rounds in what is said: those are the dose’s, and teachers change them', () => {
    const number = String.raw`(?:two|three|four|five|six|eight|ten|twelve|fifteen|twenty|thirty|\d+)`;
    const amount = new RegExp(
      String.raw`\b${number} (?:slow |full |more )*(?:seconds?|minutes?|breaths|counts?|reps?|rounds?|s)\b` +
        String.raw`|(?<!folded )\b${number} times\b|\bfor ${number}[.,]|\b${number}, rest\b`,
      'i',
    );
    const found = catalogue.flatMap((e) =>
      executionsOf(e).flatMap(({ cues, faults, rungId }) =>
        [
          e.purpose,
          ...Object.values(cues).flatMap((cue) => (cue ? [cue.plain, cue.anatomical] : [])),
          ...faults.map((f) => f.say),
        ]
          .filter((words) => amount.test(words))
          .map((words) => `${e.id} ${rungId}: ${words}`),
      ),
    );
    expect(found).toEqual([]);
  });

  it('words only rungs that there are', () => {
    const [first] = catalogue.filter((e) => e.ladder);
    if (!first) throw new Error('no ladder');
    expect(() => written({ ...first, levelWords: { nowhere: { setup: 'Stand.' } } })).toThrow('no level nowhere');
  });

  it('names no kit in a set-up or action that the rung does not put out', () => {
    const things: readonly (readonly [RegExp, readonly KitId[]])[] = [
      [/\bchair\b/i, ['chair']],
      [/(?<!far )\bwall\b/i, ['wall']],
      [/\b(the step|step edge)\b/i, ['step']],
      [/\b(block|plate)\b/i, ['block']],
      [/\bmat\b/i, ['mat']],
      [/\bball (under|between)|(soft|firm) ball\b/i, ['soft-ball', 'firm-ball']],
      [/\bloop\b/i, ['band', 'long-loop']],
      [/\bband\b/i, ['band', 'long-loop']],
      [/\bstrap\b/i, ['strap']],
      [/\bcloth\b/i, ['cloth']],
      [/\bpaper\b/i, ['paper']],
      [/\bstick\b/i, ['stick']],
      [/\bcushion\b/i, ['cushion']],
      [/\bspacer\b/i, ['toe-spacers']],
      [/\bbarre\b/i, ['barre']],
      [/\b(half-ball|trainer)\b/i, ['half-ball']],
      [/\bslope\b/i, ['slope']],
    ];
    const missing = catalogue.flatMap((e) =>
      rungsOf(e).flatMap((x) => {
        const out = x.kit.flatMap((k) => [k.kit, ...k.substitutes.map((s) => s.kit)]);
        return [x.cues.setup, x.cues.action]
          .flatMap((cue) => cue.plain.split(/(?<=[.,])/))
          .filter((words) => !/if you|or a counter/.test(words))
          .flatMap((words) =>
            things
              .filter(([word, kit]) => word.test(words) && !kit.some((k) => out.includes(k)))
              .map(([, kit]) => `${e.id} ${x.rungId}: ${kit[0]} in “${words.trim()}”`),
          );
      }),
    );
    expect(missing).toEqual([]);
  });

  it('locks no knee of somebody who sits, and holds nobody on a rung of an exercise that has none', () => {
    const locked = catalogue.flatMap((e) =>
      rungsOf(e)
        .filter((x) => x.position === 'chair-seated' && x.phases.some((p) => p.working.knee === 'locked'))
        .map((x) => `${e.id} ${x.rungId}`),
    );
    expect(locked).toEqual([]);
    expect(
      catalogue.filter((e) => !e.ladder && e.cautions.some((c) => c.action === 'hold-at-rung')).map((e) => e.id),
    ).toEqual([]);
  });

  it('drags no cloth over carpet (practice)', () => {
    const cloth = catalogue.filter((e) =>
      e.performance.phases.some((p) => p.working.contacts.smallToes.meets === 'cloth'),
    );
    expect(cloth.map((e) => [e.performance.floor, e.performance.floorsRuledOut.includes('carpet')])).toEqual(
      cloth.map(() => ['smooth-hard', true]),
    );
    expect(cloth.length).toBeGreaterThan(0);
  });

  it('offers a substitute for whatever a student brings', () => {
    const lonely = catalogue.flatMap((e) =>
      e.performance.kit
        .filter((k) => k.per === 'person' && k.substitutes.length === 0 && e.performance.kit.length === 1)
        .map(() => e.id),
    );
    expect(lonely).toEqual([]);
  });

  it('promises nothing: no cure, no certain result', () => {
    const claims = /\b(cures?|heals?|guarantee[sd]?|always works|fix(es)? your|raises your arch|prevents?)\b/i;
    expect(catalogue.filter((e) => claims.test(words(e))).map((e) => e.id)).toEqual([]);
  });

  it.each(named)(
    '%s says nothing muddled, doubled, endless or promised, by the reader that teachers get',
    (_, exercise) => {
      const texts = [
        exercise.purpose,
        ...Object.values(exercise.cues).flatMap((cue) => (cue ? [cue.plain] : [])),
        ...exercise.faults.flatMap((fault) => [fault.seen, fault.say]),
        ...rungsOf(exercise).flatMap((rung) => rung.cautions.map((caution) => caution.words)),
        ...(exercise.ladder?.rungs.flatMap((rung) => [rung.name, rung.gate?.words ?? '', rung.why ?? '']) ?? []),
        ...rungsOf(exercise).flatMap((rung) => [rung.cues.setup.plain, rung.cues.action.plain]),
      ];
      expect(texts.flatMap((text) => checkWording(text).map((note) => `${note.code}: ${note.found}`))).toEqual([]);
    },
  );

  it('knows only the answers that the schools give', () => {
    for (const e of catalogue) {
      for (const [question, answer] of Object.entries(e.schools)) {
        expect(schoolAnswers[question as keyof typeof schoolAnswers]).toContain(answer);
      }
    }
  });

  it('keeps a cue short enough to say: an action takes at most 24 words', () => {
    const long = catalogue.flatMap((e) => rungsOf(e).filter((rung) => rung.cues.action.plain.split(/\s+/).length > 24));
    expect(long.map((rung) => `${rung.exercise.id} ${rung.rungId}`)).toEqual([]);
  });

  it('keeps a hold’s cue within its hold at 145 words a minute (practice)', () => {
    const late = catalogue.flatMap((e) =>
      e.doses.usual.flatMap((part) => {
        const words = e.cues.correction.plain.split(/\s+/).length;
        return part.kind === 'hold' && words > (part.holdSeconds * 145) / 60 ? [`${e.id}: ${words} words`] : [];
      }),
    );
    expect(late).toEqual([]);
  });

  it('leaves nothing for later that an instructor may leave: every one says what it is for, how, and by what it is found', () => {
    for (const { id, purpose, foundBy, cues, ladder } of catalogue) {
      const { setup, action, picture, correction } = cues;
      const said = [setup, action, picture, correction].flatMap(({ plain, anatomical }) => [plain, anatomical]);
      expect([id, [purpose, ...said].filter((words) => words.trim() === ''), foundBy.length === 0]).toEqual([
        id,
        [],
        false,
      ]);
      expect([id, ladder === null || ladder.rungs.length >= 3]).toEqual([id, true]);
    }
  });

  it('says two faults or more of each exercise, each with the view from which it is seen and one correction', () => {
    expect(catalogue.filter((e) => e.faults.length < 2).map((e) => e.id)).toEqual([]);
    const long = catalogue.flatMap((e) => e.faults.filter((f) => f.say.split(/\s+/).length > 18).map((f) => f.say));
    expect(long).toEqual([]);
  });

  it('leads every ladder from help to none: hand, chair, seat or no load at first, and none of it at the end', () => {
    const helps = (axes: Readonly<Record<string, string | undefined>>) =>
      Object.entries(axes).filter(([axis, at]) => {
        if (axis === 'support' || axis === 'hand-help') return at !== 'none' && !(at ?? '').startsWith('0 ');
        if (axis === 'base') return /seated|both|two|hip|wide/.test(at ?? '');
        if (axis === 'resistance') return /none|no |half|light/.test(at ?? '');
        if (axis === 'lever')
          return /far|propped|weight on the hands|seat on cushion|floor level|no body|short|small|chair|hand’s width|under the knee|finger high|no step|little/.test(
            at ?? '',
          );
        if (axis === 'surface') return at === 'floor' || at === 'short grass' || (at ?? '').includes('cushion');
        if (axis === 'speed') return /stop after each|slow|easy/.test(at ?? '');
        if (axis === 'amount' || axis === 'weeks') return /notice|first|small|no flight/.test(at ?? '');
        return false;
      });
    const unhelped = catalogue.filter((e) => e.ladder && helps(e.ladder.rungs[0]?.axes ?? {}).length === 0);
    expect(unhelped.map((e) => e.id)).toEqual([]);
    const fewer = catalogue.filter((e) => {
      const rungs = e.ladder?.rungs ?? [];
      return e.ladder && rungs.slice(0, -1).some((r) => r.gate === null);
    });
    expect(fewer.map((e) => e.id)).toEqual([]);
    expect(
      catalogue
        .filter((e) => e.ladder && e.ladder.rungs.at(-1)?.gate !== null)
        .map((e) => [e.id, e.ladder?.rungs.at(-1)?.gate?.test]),
    ).toEqual(
      [['knee-to-wall', 'check']], // the last rung is the measure itself
    );
  });

  it('begins eyes shut with a support in hand (practice: the first try goes back to fingertips)', () => {
    const first = catalogue.flatMap((e) => e.ladder?.rungs.find((r) => r.axes.eyes === 'shut')?.axes.support ?? []);
    expect(first.filter((support) => !/finger|hand/.test(support))).toEqual([]);
    expect(first.length).toBeGreaterThan(1);
  });

  it('has for every direction some exercise the other way', () => {
    const trained = new Set(catalogue.flatMap((e) => e.directions));
    expect(Direction.options.filter((d) => trained.has(d) && !trained.has(oppositeOf[d]))).toEqual([]);
    expect(trained.size).toBe(Direction.options.length);
  });

  it('moves the ankle in its phases the way it says it trains, and works the muscle that does it', () => {
    for (const e of catalogue.filter((x) => x.performance.band?.purpose === 'resist')) {
      const seen = new Set(e.performance.phases.map((p) => p.working.ankle));
      if (e.directions.includes('turn-in')) expect([e.id, seen.has('turned-in')]).toEqual([e.id, true]);
      if (e.directions.includes('turn-out')) expect([e.id, seen.has('turned-out')]).toEqual([e.id, true]);
      if (e.directions.includes('ankle-down'))
        expect([e.id, seen.has('down') || seen.has('turned-in')]).toEqual([e.id, true]);
    }
  });

  it('puts weight on the outer edge when the ankle turns in, and on the inner edge when it turns out', () => {
    for (const e of catalogue) {
      for (const phase of executionsOf(e).flatMap((x) => x.phases)) {
        const { ankle, edge } = phase.working;
        if (edge === 'outer' && ankle !== 'neutral' && ankle !== 'up')
          expect([e.id, ankle]).toEqual([e.id, 'turned-in']);
        if (edge === 'inner' && ankle.startsWith('turned')) expect([e.id, ankle]).toEqual([e.id, 'turned-out']);
      }
    }
  });

  it('answers every caution: someone who must leave an exercise out finds another for the same part', () => {
    const unanswered = catalogue.flatMap((e) =>
      rungsOf(e)[0]!
        .cautions.filter((c) => c.action === 'leave-out')
        .filter(
          (c) => !catalogue.some((o) => o.id !== e.id && likeness(e, o) >= 0.25 && answersOf(e, o).includes(c.concern)),
        )
        .map((c) => `${e.id}: ${c.concern}`),
    );
    expect(unanswered).toEqual([]);
    const known = new Set(catalogue.flatMap((e) => rungsOf(e).flatMap((x) => x.cautions.map((c) => c.concern))));
    expect(Concern.options.filter((c) => !known.has(c))).toEqual([]);
  });

  it('offers something seated wherever someone stands, for people who cannot', () => {
    const seated = (e: Exercise) =>
      executionsOf(e).some((x) => x.position.endsWith('seated') || x.position === 'lying');
    const families = new Set(catalogue.filter(seated).map((e) => e.family));
    expect(Family.options.filter((f) => !families.has(f) && f !== 'impact')).toEqual([]);
    const rise = catalogue.find((e) => e.id === 'two-foot-rise')!;
    expect(swapsFor(rise, catalogue.filter(seated), defaultSchool).length).toBeGreaterThan(0);
  });

  it('carries pressure and the next stop where a ball is stood on', () => {
    const onBall = catalogue.filter(
      (e) =>
        e.family === 'release' &&
        e.performance.phases.some((p) =>
          [...Object.values(p.working.contacts), p.working.middle].some((c) => c?.meets === 'ball'),
        ),
    );
    expect(onBall.filter((e) => e.performance.phases.every((p) => p.pressure === null)).map((e) => e.id)).toEqual([]);
    expect(onBall.length).toBeGreaterThan(5);
  });

  it('names preparations that exist, and never in a circle', () => {
    const byId = new Map(catalogue.map((e) => [e.id, e]));
    const reaches = (id: string, seen: readonly string[]): boolean =>
      (byId.get(id)?.preparedBy ?? []).some((before) => seen.includes(before) || reaches(before, [...seen, before]));
    for (const e of catalogue.filter((x) => x.preparedBy)) {
      expect((e.preparedBy ?? []).filter((id) => !byId.has(id))).toEqual([]);
      expect(reaches(e.id, [e.id])).toBe(false);
    }
  });
});

/**
 * Seconds that led classes really take, where they lie far from what a desk would say (common practice, no source): a
 * rep, a toe of both ways, or a step.
 */
describe('a rep takes as long as in a class that is led', () => {
  const repOf = (id: string, rung?: string) => {
    const found = catalogue.find((e) => e.id === id);
    const settled = found && resolve(found, rung ?? found.ladder?.startRung ?? null, defaultSchool);
    if (!settled?.ok) throw new Error(id);
    return settled.value.phaseSeconds.reduce((sum, s) => sum + s, 0);
  };
  it.each([
    ['slow four-part bends', repOf('bend-heels-up-straighten'), 17, 22],
    ['slow four-part rises', repOf('rise-bend-heels-down'), 17, 22],
    ['rises with both knees bent between', repOf('split-rise', 'both-knees'), 17, 22],
    ['a step that rolls through', repOf('heel-to-toe-walk'), 5.5, 5.5],
    ['a backward loading step', repOf('backward-loading-step'), 15, 15],
    ['a crease in paper', repOf('paper-crinkle'), 15, 15],
    ['a drag of a cloth', repOf('cloth-drag'), 14, 14],
    ['a split squat with the breath', repOf('breath-split-squat'), 13, 20],
    ['a split squat with hanging toes', repOf('toes-hanging-split-squat'), 13, 20],
    ['a toe turned both ways', 2 * repOf('toe-turns'), 5.4, 5.4],
    ['laced fingers', repOf('laced-fingers-squeeze'), 4, 4],
    ['a loop with the heel close', repOf('waist-loop-bent-knee'), 1.7, 1.7],
    ['a planted circle', repOf('planted-toe-circle'), 2.4, 2.4],
  ])('%s: %d s, observed %d to %d', (_, seconds, from, to) => {
    expect(seconds).toBeGreaterThanOrEqual(from * 0.8);
    expect(seconds).toBeLessThanOrEqual(to * 1.2);
  });

  it('and a step lasts what its cadence says', () => {
    for (const { id, doses } of catalogue)
      for (const part of doses.usual)
        if (part.kind === 'travel' && ['heel-to-toe-walk', 'backward-loading-step'].includes(id))
          expect([id, 60 / part.stepsPerMinute]).toEqual([id, repOf(id)]);
  });
});

describe('two halves of one job', () => {
  it('name each other, are counted the same way, and stand in one pair each', () => {
    const paired = catalogue.filter((e) => e.pair !== undefined);
    expect(paired.length).toBe(2 * pairs.length);
    for (const exercise of paired) {
      const other = catalogue.find((e) => e.id === exercise.pair);
      expect([exercise.id, other?.pair]).toEqual([exercise.id, exercise.id]);
      expect([exercise.id, other?.doses.usual.map((p) => p.kind)]).toEqual([
        exercise.id,
        exercise.doses.usual.map((p) => p.kind),
      ]);
    }
  });
});
