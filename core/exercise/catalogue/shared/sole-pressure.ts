import { kit } from '../author';

const softBallInstead = {
  'soft-ball': 'gentler, and right for anyone who bruises easily or has little feeling in the feet',
} as const;

export const wall = kit('wall', 'room', { chair: 'a chair back steadies less than a wall' });

export const firm = kit('firm-ball', 'person', softBallInstead);
