import { noFigures } from './partFigures.js';
export const NOTHING = {
    figures: noFigures(),
    things: [],
    zones: [],
    heights: [],
    troubles: [],
    rests: [],
};
//# sourceMappingURL=compartmentView.js.map