import { foot, hanging, kit } from '../author';

export const free = foot(hanging, { role: 'rests', knee: 'soft' });

export const chairBack = kit('chair', 'person', { wall: 'a wall gives more hold' });
