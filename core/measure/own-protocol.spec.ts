import { checks } from './checks';
import { historyOf } from './history';
import { checkIdOf, checkName, classCheck, classChecks, protocolFor } from './known-checks';
import { checksIn, neededFor } from './needed-for';
import {
  type OwnProtocol,
  OwnProtocol as Schema,
  meaningOf,
  newProtocol,
  noiseFrom,
  ownNumber,
  readOwnProtocol,
  resultWords,
  usualDifference,
  weekOf,
  weeklyFrom,
} from './own-protocol';
import { type NumberResult, Unit } from './protocol';
import type { Reading } from './reading';
import { numbers, sampleReading } from '../testing/sample-reading';

const own = newProtocol('heel-lift', 'heel lifted from a step');
const withNumber = (change: Partial<NumberResult>): OwnProtocol => ({
  ...own,
  result: { ...ownNumber('cm'), ...change },
});
const refused = (protocol: unknown) => {
  const read = Schema.safeParse(protocol);
  return read.success ? [] : read.error.issues.map(({ message }) => message);
};
const reading = (date: string, ...trials: number[]): Reading =>
  sampleReading({ id: `reading-${date}`, protocol: own.id, date, value: numbers(...trials) });

describe('a protocol of one’s own', () => {
  it('begins with nothing but its name, whatever its unit', () => {
    expect(readOwnProtocol(own).ok).toBe(true);
    for (const unit of Unit.options) expect(refused({ ...own, result: ownNumber(unit) })).toEqual([]);
  });

  it.each([
    ['an id that a check of Needlework has', { ...own, id: 'knee-to-wall' }, 'check-built-in'],
    ['asking outside what is refused', withNumber({ ask: { least: -80, most: 100 } }), 'ask-outside'],
    ['asking over what is refused', withNumber({ ask: { least: 0, most: 201 } }), 'ask-outside'],
    ['an end over what is taken', withNumber({ cap: 900 }), 'end-outside'],
    [
      'an end under what is taken',
      {
        ...own,
        result: { ...ownNumber('seconds'), refuse: { least: 5, most: 60 }, ask: { least: 5, most: 60 }, cap: 4 },
      },
      'end-outside',
    ],
    [
      'less than nothing where change is a factor',
      { ...own, result: { ...ownNumber('seconds'), refuse: { least: -1, most: 60 } } },
      'below-nothing',
    ],
    ['three tries where one counts', withNumber({ combine: 'single' }), 'one-trial'],
    ['one answer twice', { ...own, result: { gives: 'ordered', answers: ['no', 'no'] } }, 'answer-twice'],
    [
      'a hoped-for answer that nobody can give',
      { ...own, result: { gives: 'named', answers: ['in', 'out'], hoped: 'straight' } },
      'hoped-unknown',
    ],
  ])('refuses %s', (_, protocol, code) => {
    expect(refused(protocol)).toEqual([code]);
  });

  it('is known beside the checks that come with Needlework, and goes before them in a class', () => {
    expect(protocolFor('heel-lift', [own])).toBe(own);
    expect(protocolFor('knee-to-wall', [own])).toBe(checks['knee-to-wall']);
    expect(protocolFor('nobody-knows', [own])).toBeNull();
    const inClass = { ...own, takenWith: 'heel-raise' };
    expect(classChecks([inClass])[0]).toBe(inClass);
    expect(classChecks([own, { ...inClass, away: true }])).toEqual(classChecks([]));
  });

  it('stands in a class with the name it had then', () => {
    expect(classCheck(own)).toEqual({ id: 'heel-lift', name: 'heel lifted from a step' });
    expect(checkName(classCheck(own))).toBe('heel lifted from a step');
    expect(checkName(classCheck(checks['knee-to-wall']))).toBe('knee to the wall, heel down');
    expect(checkIdOf(classCheck(own))).toBe('heel-lift');
    expect(checkIdOf('knee-to-wall')).toBe('knee-to-wall');
  });

  it('is listed behind the others where there are readings of it', () => {
    const found = checksIn([{ protocol: 'heel-lift' }, { protocol: 'knee-to-wall' }, { protocol: 'gone' }], [own]);
    expect(found.map(({ id }) => id)).toEqual(['knee-to-wall', 'heel-lift']);
    expect(neededFor('heel-lift')).toEqual(['heel-lift']);
  });
});

describe('the noise of one’s own protocol', () => {
  // two normal readings of one thing lie 2/√π standard errors apart in the mean
  it.each(['raw', 'log'] as const)('is said as how far two readings lie apart, there and back (%s)', (scale) => {
    expect(usualDifference(scale, noiseFrom(scale, 8))).toBe(8);
    expect(weekOf(scale, weeklyFrom(scale, 3))).toBe(3);
  });
  it('is less than that distance', () => {
    expect(noiseFrom('raw', 1)).toBeCloseTo(0.886, 3);
    expect(noiseFrom('log', 10)).toBeCloseTo(Math.log(1.1) * 0.886, 3);
  });

  const judged = (protocol: OwnProtocol, ...readings: Reading[]) =>
    historyOf({ protocol, readings, studio: null }).judged.map(({ verdict, reason }) => reason ?? verdict);
  const two = [reading('2026-09-01', 10, 10, 10), reading('2026-09-08', 13, 13, 13)] as const;

  it('is the teacher’s where there is one', () => {
    const said = withNumber({ practice: false, noise: noiseFrom('raw', 0.5) });
    expect(judged(said, ...two)).toEqual(['first-reading', 'changed']);
  });
  it('is worked out from the trials where nobody said it, once there are enough of them', () => {
    const unsaid = withNumber({ practice: false, trials: 3 });
    const scattered = [reading('2026-09-01', 9.8, 10, 10.2), reading('2026-09-08', 11.3, 11.5, 11.7)];
    expect(judged(unsaid, scattered[0]!, scattered[1]!)).toEqual(['first-reading', 'changed']);
  });
  it('and is not made up where there are single trials', () => {
    const unsaid = withNumber({ practice: false, trials: 1, combine: 'single' });
    expect(judged(unsaid, reading('2026-09-01', 10), reading('2026-09-08', 14))).toEqual(['first-reading', 'no-noise']);
  });
});

describe('what a check gives, in words', () => {
  it.each([
    ['one-leg-stand', 'A number in seconds on each foot, the best of 3 tries, ended at 45 s.'],
    ['rises-to-loss-of-form', 'A number of rises on each foot, one try, ended at 20 rises.'],
    ['discomfort', 'A number in points of ten on each foot, one try.'],
    ['sore-spots', 'Marks on a drawn sole on each foot.'],
    ['circle-sticks', 'An hour of a clock face on each foot, or nowhere.'],
  ] as const)('%s', (id, words) => {
    expect(resultWords(checks[id])).toBe(words);
  });
});

describe('what a reading means', () => {
  it.each([
    ['another unit', { ...own, result: ownNumber('mm') }],
    ['both feet at once', { ...own, sides: 'both' as const }],
    ['the best instead of the mean', withNumber({ combine: 'best' })],
    ['words', { ...own, result: { gives: 'ordered' as const, answers: ['no', 'yes'] } }],
  ])('changes with %s', (_, other) => {
    expect(meaningOf(other)).not.toBe(meaningOf(own));
  });
  it('changes with the answers, and with their order', () => {
    const words = (...answers: string[]) => meaningOf({ sides: 'each', result: { gives: 'ordered', answers } });
    expect(words('no', 'yes')).not.toBe(words('yes', 'no'));
    expect(words('no', 'yes')).not.toBe(words('no', 'nearly', 'yes'));
  });
  it('stays with another name, noise, pace of change or other steps', () => {
    const same = { ...withNumber({ noise: 2, weekly: 1, practice: false }), name: 'other', steps: ['Stand.'] };
    expect(meaningOf(same)).toBe(meaningOf(own));
  });
});
