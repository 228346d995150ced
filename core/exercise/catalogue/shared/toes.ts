import { foot, kit, range, reps, seatedFlat } from '../author';
import type { Exercise } from '../../exercise';

export const grounded = foot(seatedFlat, {
  contacts: { heel: ['press', 'floor'], innerBall: ['press', 'floor'], outerBall: ['press', 'floor'] },
});

export const chair = kit('chair', 'person', { mat: 'on the floor, knee bent, foot flat: the calf helps less' });

export const handHelp = (words: string, helped: string): Exercise['ladder'] => ({
  startRung: 'hand-holds',
  rungs: [
    {
      id: 'hand-lifts',
      name: 'the hand does it, the toes think it',
      axes: { 'hand-help': 'hand lifts' },
      why: null,
      change: { setup: 'props' },
      doses: range(reps(4), reps(6), reps(8)),
      gate: {
        test: 'teacher-saw-it',
        value: null,
        occasions: 1,
        words: `${helped} the hand without pushing back, both feet.`,
      },
    },
    {
      id: 'hand-holds',
      name: words,
      axes: { 'hand-help': 'hand holds the others' },
      why: null,
      change: {},
      doses: range(reps(4), reps(8), reps(12)),
      gate: { test: 'clean-reps', value: 8, occasions: 2, words: '8 clean reps on both feet, on two days.' },
    },
    {
      id: 'free',
      name: 'hands off',
      axes: { 'hand-help': 'none' },
      why: null,
      change: {},
      doses: range(reps(4), reps(6), reps(12)),
      gate: null,
    },
  ],
});
