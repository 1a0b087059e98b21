import { noFigures } from './partFigures.js';
export const NOTHING = { figures: noFigures(), things: [], stands: undefined };
//# sourceMappingURL=compartmentView.js.map