import { type Reading, usualConditions } from '../measure';

let made = 0;

/** A reading of knee to the wall, or of what is said. */
export const sampleReading = (more: Partial<Reading> = {}): Reading => ({
  id: `reading-${(made++).toString(36)}`,
  studentId: 'student-1',
  protocol: 'knee-to-wall',
  foot: 'left',
  date: '2026-09-01',
  value: { kind: 'number', trials: [8, 8.5, 8], known: true, cap: null },
  conditions: usualConditions,
  by: '',
  picked: false,
  stands: false,
  pain: null,
  note: '',
  ...more,
});
/** What a check gave in so many trials. */
export const numbers = (...trials: number[]): Reading['value'] => ({ kind: 'number', trials, known: true, cap: null });
export const word = (answer: string): Reading['value'] => ({ kind: 'word', answer, count: null });
