import type { Exercise } from '../../exercise';
import { edgeWalk } from '../shared/edge';
import { withLevels } from '../author';

export const outerEdgeWalk: Exercise = withLevels(edgeWalk('outer'), { preparedBy: ['edge-to-edge'] });
