import { dueDates, lookAgain } from './due';

const row = (studentId: string, protocol: string, again: string | null) => ({ studentId, protocol, again });

describe('whom to look at again', () => {
  it('is everybody whose day has come, once for each check, whichever foot it is', () => {
    const rows = [
      row('mara', 'knee-to-wall', '2026-03-02'),
      row('mara', 'knee-to-wall', '2026-02-20'),
      row('lio', 'knee-to-wall', '2026-03-10'),
      row('lio', 'knee-to-wall', '2026-03-11'),
    ];
    expect(lookAgain(rows, '2026-03-10')).toEqual([
      { protocol: 'knee-to-wall', studentIds: ['mara', 'lio'], since: '2026-02-20' },
    ]);
    expect(lookAgain(rows, '2026-03-09')[0]?.studentIds).toEqual(['mara']);
  });

  it('has the check with most people first, and leaves out who has no day', () => {
    const rows = [
      row('mara', 'heel-rise', '2026-03-01'),
      row('mara', 'knee-to-wall', '2026-03-01'),
      row('lio', 'knee-to-wall', '2026-03-01'),
      row('lio', 'heel-rise', null),
    ];
    expect(lookAgain(rows, '2026-03-10').map(({ protocol, studentIds }) => [protocol, studentIds.length])).toEqual([
      ['knee-to-wall', 2],
      ['heel-rise', 1],
    ]);
  });
});

describe('the dates on which looks are due', () => {
  it('have each person once in a check, on the first of their feet', () => {
    const rows = [
      row('mara', 'knee-to-wall', '2026-03-09'),
      row('mara', 'knee-to-wall', '2026-03-02'),
      row('lio', 'knee-to-wall', '2026-03-02'),
      row('lio', 'heel-rise', '2026-03-01'),
      row('wren', 'heel-rise', null),
    ];
    expect(dueDates(rows)).toEqual([
      { protocol: 'heel-rise', date: '2026-03-01', people: 1 },
      { protocol: 'knee-to-wall', date: '2026-03-02', people: 2 },
    ]);
  });
});
