import type { LadderNote } from './ladder-note';
import { presentIn, stepsIn } from './steps-in';

const note = (date: string, foot: LadderNote['foot'], what: LadderNote['what']): LadderNote => ({
  id: `note-${date}-${foot}`,
  studentId: 'ada-1',
  exerciseId: what.kind === 'present' ? null : 'one-leg-stand',
  foot,
  date,
  what,
  by: '',
});
const up = (rungId: string): LadderNote['what'] => ({ kind: 'placed', rungId, why: 'up', note: '' });

describe('steps in some weeks', () => {
  it('are those up and down, both feet on a date as one; beginning is no step', () => {
    const notes = [
      note('2026-03-10', 'left', up('free')),
      note('2026-03-10', 'right', up('free')),
      note('2026-03-03', 'left', { kind: 'placed', rungId: 'three-fingers', why: 'down', note: '' }),
      note('2026-03-01', 'both', { kind: 'placed', rungId: 'five-fingers', why: 'begins', note: '' }),
      note('2026-04-10', 'both', up('eyes-shut')),
    ];
    expect(
      stepsIn(notes, '2026-03-01', '2026-03-31').map(({ date, foot, way, rungId }) => [date, foot, way, rungId]),
    ).toEqual([
      ['2026-03-03', 'left', 'down', 'three-fingers'],
      ['2026-03-10', 'both', 'up', 'free'],
    ]);
  });

  it('who was there is read off what was written down', () => {
    const notes = ['2026-03-03', '2026-04-03'].map((date) => note(date, 'both', { kind: 'present' }));
    expect(presentIn(notes, '2026-03-01', '2026-03-31')).toEqual(['2026-03-03']);
  });
});
