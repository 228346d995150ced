export { type Happened, type Room, roomAction, roomDevice, watched } from './room';
export { type Surprise, surprisesOf } from './surprise';
export { type Answered, type RehearsalTold, toldOf } from './told';
