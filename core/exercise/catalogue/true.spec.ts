import { speakingMs } from '../../speaking';
import { checkWording } from '../../words';
import { numberIn, sayableOn } from '../../dose/amount';
import { kindOf } from '../../dose/kinds';
import type { Exercise } from '../exercise';
import { type Phase, reversePhases } from '../foot-state';
import { onUnstableGround } from '../situation';
import { type Execution, resolve } from '../resolve';
import { defaultSchool } from '../school';
import { senseOf } from '../sense';
import { catalogue } from './index';

/** Every level of an exercise as the default school has it. */
function levelsOf(of: Exercise): Execution[] {
  return [null, ...(of.ladder?.rungs.map((level) => level.id) ?? [])].map((id) => {
    const found = resolve(of, id, defaultSchool);
    if (!found.ok) throw new Error(of.id);
    return found.value;
  });
}
const all = catalogue.flatMap((of) => levelsOf(of));
const byId = (id: string): Exercise => {
  const found = catalogue.find((of) => of.id === id);
  if (!found) throw new Error(id);
  return found;
};
const where = (done: Execution) => `${done.exercise.id} ${done.rungId ?? ''}`;

describe('nothing that a foot teacher would stumble over', () => {
  it.each(catalogue.map((of) => [of.id, of] as const))('in %s', (_, of) => {
    expect(senseOf(of).map((note) => note.words)).toEqual([]);
  });
});

describe('one movement has one set of numbers', () => {
  it('the rise of both feet from the floor: one dose, one gate, one rating, wherever it stands', () => {
    const rises = catalogue.flatMap((of) =>
      (of.ladder?.rungs ?? []).flatMap((level) => {
        const found = resolve(of, level.id, defaultSchool);
        if (!found.ok) throw new Error(of.id);
        const { value: done } = found;
        const up = done.phases.find((p) => p.effort === true && p.body === 'rises');
        const plain =
          done.position === 'standing' &&
          done.sidePattern === 'both' &&
          up?.working.contacts.heel.contact === 'lift' &&
          up.working.contacts.innerBall.meets === 'floor' &&
          done.phases.every((p) => p.working.knee !== 'bent' && p.working.contacts.heel.contact !== 'hang') &&
          ['two-foot-rise', 'step-rise-straight-knee', 'incline-rise', 'single-leg-rise'].includes(of.id) &&
          level.gate?.test === 'clean-reps' &&
          level.axes.support !== 'a tap now and then';
        return plain
          ? [{ at: `${of.id} ${level.id}`, doses: level.doses, gate: level.gate, regions: done.regions }]
          : [];
      }),
    );
    expect(rises.map((r) => r.at).sort()).toEqual([
      'incline-rise flat',
      'single-leg-rise two-feet',
      'step-rise-straight-knee floor-two',
      'two-foot-rise fingertips',
    ]);
    for (const rise of rises) expect({ ...rise, at: '' }).toEqual({ ...rises[0], at: '' });
  });
});

describe('pictures of speech', () => {
  it('that go round are each another one, short enough for one slow rep, and promise nothing', () => {
    const all = catalogue.flatMap((of) => [of.cues.picture, ...(of.pictures ?? [])].map(({ plain }) => plain));
    const others = catalogue.flatMap((of) => (of.pictures ?? []).map(({ plain }) => plain));
    expect(others.length).toBe(catalogue.length);
    for (const words of others) {
      expect([words, all.filter((other) => other === words).length]).toEqual([words, 1]);
      // 4 s at 145 words a minute (common practice, no source)
      expect([words, speakingMs(words) <= 4000]).toEqual([words, true]);
      expect(checkWording(words)).toEqual([]);
    }
  });

  const sea =
    /\b(boats?|ships?|sea|tides?|waves?|swell|anchor\w*|buoys?|gulls?|ferry|harbour|quay|moor\w*|mast|tiller|rudder|keel|deck|dinghy|beach|shore|lighthouse|cork on|float on|net|mussel|jellyfish|sand)\b/i;
  const said = catalogue.map((of) => ({ id: of.id, words: of.cues.picture.plain }));
  const saidNext = catalogue.flatMap((of) => (of.pictures ?? []).map(({ plain: words }) => ({ id: of.id, words })));

  it('come from many rooms: few from the coast, since most rooms are inland', () => {
    expect(saidNext.filter(({ words }) => sea.test(words)).length).toBeLessThanOrEqual(6);
    expect(
      said.filter(({ words }) => sea.test(words)).map(({ id, words }) => `${id}: ${words}`).length,
    ).toBeLessThanOrEqual(6);
  });

  it('are each said once, and none by two exercises', () => {
    expect(new Set(said.map(({ words }) => words)).size).toBe(said.length);
  });
});

describe('purposes', () => {
  it('say that something is stretched, never that it grows longer', () => {
    expect(catalogue.filter((of) => /\blengthens?\b/i.test(of.purpose)).map((of) => of.id)).toEqual([]);
  });
});

describe('a ladder is there', () => {
  /** What needs none: looks, release and stretches by hand or weight alone, rest; and two whose only step is the dose. */
  const needsNone = ({ family, stage, id }: Exercise) =>
    family === 'check' ||
    family === 'close' ||
    family === 'release' ||
    stage === 'passive' ||
    id === 'easy-stepping' ||
    id === 'carry-the-arch';

  it('for everything that works: from help to none, or from less to more', () => {
    expect(catalogue.filter((of) => !of.ladder && !needsNone(of)).map((of) => of.id)).toEqual([]);
  });

  it('and every level but the last says how one leaves it', () => {
    const open = catalogue.flatMap((of) =>
      (of.ladder?.rungs ?? []).slice(0, -1).flatMap((level) => (level.gate ? [] : [`${of.id} ${level.id}`])),
    );
    expect(open).toEqual([]);
  });

  it('with weeks before ground that moves and before landings, and never fewer weeks higher up', () => {
    const guarded = catalogue.filter((of) => levelsOf(of).some((d) => d.impactsPerRep > 0 || onUnstableGround(d)));
    expect(guarded.map((of) => of.id).sort()).toEqual([
      'flick-step',
      'half-ball-step',
      'pillow-stand',
      'rise-and-drop-to-landing',
      'small-jumps',
      'small-jumps-all-ways',
      'soft-step-down',
      'unstable-stand',
    ]);
    for (const of of guarded) {
      const weeks = (of.ladder?.rungs ?? []).flatMap((level) => (level.door ? [level.door.weeks] : []));
      expect([of.id, weeks]).toEqual([of.id, [...weeks].sort((a, b) => a - b)]);
    }
    // Jumps after five to eight weeks for people new to impact; unstable ground after two to four (common practice).
    const least = (id: string) =>
      Math.min(...(byId(id).ladder?.rungs ?? []).flatMap((l) => (l.door ? [l.door.weeks] : [])));
    expect(least('small-jumps')).toBeGreaterThanOrEqual(5);
    expect(least('pillow-stand')).toBeGreaterThanOrEqual(2);
  });
});

describe('doses are said as teachers say them', () => {
  it('every count and every second of every level is sayable', () => {
    const odd = catalogue.flatMap((of) =>
      [of.doses, ...(of.ladder?.rungs.map((level) => level.doses) ?? [])].flatMap((doses) =>
        [doses.least, doses.usual, doses.most].flatMap((dose) =>
          dose.flatMap((part) =>
            Object.entries(kindOf(part).numbers)
              .map(([name, { scale }]) => ({ name, scale, value: numberIn(part, name) }))
              .filter(({ scale, value }) => !sayableOn(scale).includes(value))
              .map(({ name, value }) => `${of.id}: ${name} ${value}`),
          ),
        ),
      ),
    );
    expect([...new Set(odd)]).toEqual([]);
  });
});

describe('the order of what moves', () => {
  const feet = (phases: readonly Phase[]) =>
    phases.map(({ name, working }) => [name, working.ankle, working.toes, working.contacts.bigToe.contact]);

  it('a wave is toes down, foot down, toes up, foot up, on every level (practice)', () => {
    for (const done of levelsOf(byId('toe-wave')))
      expect(done.phases.map((p) => p.name)).toEqual(['toes down', 'foot down', 'toes up', 'foot up']);
  });

  it('undone backwards it is foot down, toes down, foot up, toes up, and undone again it is itself', () => {
    const forth = levelsOf(byId('toe-wave'));
    levelsOf(byId('toe-wave-back')).forEach((done, i) => {
      expect(done.phases.map((p) => p.name)).toEqual(['foot down', 'toes down', 'foot up', 'toes up']);
      const back = reversePhases(done.phases);
      expect(back && feet(back)).toEqual(feet(forth[i]?.phases ?? []));
    });
  });

  it.each(['four-part-point', 'band-four-part-point'])(
    'a %s is its own reverse, toes lifted before and after',
    (id) => {
      for (const done of levelsOf(byId(id))) {
        const back = reversePhases(done.phases);
        expect([where(done), back && feet(back)]).toEqual([where(done), feet(done.phases)]);
        expect(done.phases.map((p) => p.name)).toEqual(['foot down', 'toes long', 'toes up', 'foot up']);
      }
    },
  );
});

describe('in and out', () => {
  it('a band on the outer border trains turning out, on the inner border turning in, on every level (practice)', () => {
    const banded = all.filter(
      (d) => d.band?.purpose === 'resist' && (d.band.border === 'outer' || d.band.border === 'inner'),
    );
    expect(banded.length).toBeGreaterThan(8);
    for (const done of banded) {
      const turns = done.phases.map((p) => p.working.ankle).filter((ankle) => ankle.startsWith('turned'));
      expect([where(done), new Set(turns)]).toEqual([
        where(done),
        new Set([done.band?.border === 'outer' ? 'turned-out' : 'turned-in']),
      ]);
    }
  });

  it('a foot that turns out shows its sole away, one that turns in to the middle: words and ankle agree', () => {
    const muddled = all.flatMap((done) => {
      const said = done.cues.action.plain;
      const ankles = new Set(done.phases.map((p) => p.working.ankle));
      const crossed = done.cues.setup.plain.includes('crossed');
      if (/sole (away|turns away)/.test(said) && !crossed && !ankles.has('turned-out')) return [where(done)];
      if (/sole (to|faces) the middle/.test(said) && !ankles.has('turned-in')) return [where(done)];
      return [];
    });
    expect(muddled).toEqual([]);
  });

  it('nobody lies, sits or kneels with a balance to keep, and one leg alone is never none', () => {
    const still = all.filter((d) => d.position.endsWith('seated') || d.position === 'lying');
    expect(still.filter((d) => d.balance.working + d.balance.standing > 0).map(where)).toEqual([]);
    const alone = all.filter(
      (d) =>
        d.position === 'standing' &&
        d.sidePattern === 'each' &&
        d.phases.some((p) => p.other?.contacts.heel.contact === 'hang'),
    );
    expect(alone.filter((d) => d.balance.working + d.balance.standing === 0).map(where)).toEqual([]);
  });
});
