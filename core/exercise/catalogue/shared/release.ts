import { foot, standing } from '../author';

export const softBallInstead = {
  'soft-ball': 'gentler, and right for anyone who bruises easily or has little feeling in the feet',
} as const;

export const ballUnder = (part: 'innerBall' | 'heel') =>
  foot(standing, {
    contacts: {
      heel: part === 'heel' ? ['press', 'ball'] : ['rest', 'floor'],
      innerBall: part === 'innerBall' ? ['press', 'ball'] : ['rest', 'floor'],
      outerBall: ['rest', part === 'heel' ? 'floor' : 'ball'],
      bigToe: part === 'heel' ? ['rest', 'floor'] : ['hang', 'air'],
      smallToes: part === 'heel' ? ['rest', 'floor'] : ['hang', 'air'],
    },
    toes: 'relaxed',
    weightLine: 'even',
  });
