export { type Happened, type Room, roomAction, roomDevice, watched } from './room';
export { surprisesOf } from './surprise';
export { toldOf } from './told';
