import type { Exercise } from '../../exercise';
import { edgeWalk } from '../shared/edge';
import { withLevels } from '../author';

export const innerEdgeWalk: Exercise = withLevels(edgeWalk('inner'), { preparedBy: ['edge-to-edge'] });
