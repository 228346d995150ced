import { copiesToGo, lastDayOf } from './keep-copies';

const day = 86_400_000;
const start = Date.UTC(2026, 0, 5, 3);
const at = (days: number) => new Date(start + days * day).toISOString();

/** A copy a day for so many days, thinned each day as a studio does. */
function daysOfCopies(days: number): { name: string; made: string; asked: boolean }[] {
  let kept: { name: string; made: string; asked: boolean }[] = [];
  for (let i = 0; i < days; i++) {
    kept.push({ name: `copy-${i}`, made: at(i), asked: i === 3 });
    const gone = new Set(copiesToGo(kept, at(i)));
    kept = kept.filter(({ name }) => !gone.has(name));
  }
  return kept;
}

describe('how long copies are kept', () => {
  it('each of the last seven days has one', () => {
    const kept = daysOfCopies(60).map(({ name }) => name);
    for (let i = 53; i < 60; i++) expect(kept).toContain(`copy-${i}`);
  });

  it('two years of a copy a day leave a few dozen, back to a year ago', () => {
    const kept = daysOfCopies(730).filter(({ asked }) => !asked);
    expect(kept.length).toBeGreaterThan(18);
    expect(kept.length).toBeLessThan(32);
    const oldest = kept[0]?.made ?? '';
    const days = (Date.parse(at(729)) - Date.parse(oldest)) / day;
    expect(days).toBeGreaterThan(330);
    expect(days).toBeLessThan(367);
    // no month of the last year is without one
    const months = new Set(kept.map(({ made }) => made.slice(0, 7)));
    expect(months.size).toBeGreaterThanOrEqual(12);
  });

  it('one that somebody asked for stays until somebody deletes it', () => {
    expect(daysOfCopies(730).map(({ name }) => name)).toContain('copy-3');
  });

  it('says the last day on which one that made itself can be there', () => {
    const kept = [{ name: 'one', made: at(0), asked: false }];
    const last = lastDayOf(at(0));
    expect(copiesToGo(kept, `${last}T23:00:00.000Z`)).toEqual(['one']);
    expect(copiesToGo(kept, new Date(Date.parse(`${last}T12:00:00.000Z`) - day).toISOString())).toEqual([]);
  });
});
