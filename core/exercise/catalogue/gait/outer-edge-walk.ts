import type { Exercise } from '../../exercise';
import { withLevels } from '../author';
import { edgeWalk } from '../shared/edge';

export const outerEdgeWalk: Exercise = withLevels(edgeWalk('outer'), { preparedBy: ['edge-to-edge'] });
