import { changeSimulation } from '../testing/change-simulation';

// The whole table, with thousands of students, is printed by the bench. Here a short form, each with its own tolerance.
describe('how often the judging errs', () => {
  const rows = changeSimulation(1000, ['noChange', 'steps', 'takenBack', 'sides', 'words', 'nextDates']);

  it.each(rows.map((row) => [row.situation, row] as const))('%s', (_words, { measured, least, most }) => {
    expect(measured).toBeGreaterThanOrEqual(least);
    expect(measured).toBeLessThanOrEqual(most);
  });
});
