import type { Exercise } from '../../exercise';
import { withLevels } from '../author';
import { edgeWalk } from '../shared/edge';

export const innerEdgeWalk: Exercise = withLevels(edgeWalk('inner'), { preparedBy: ['edge-to-edge'] });
