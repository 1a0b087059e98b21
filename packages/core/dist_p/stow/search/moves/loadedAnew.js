import { inTurn } from './inTurn.js';
import { nearby } from './nearby.js';
/** Loaded at another turn, and where that suits. */
export const loadedAnew = (draw, t) => {
    const wide = { ...draw, reach: 1 };
    const back = inTurn(wide, t);
    const moved = nearby(wide, t);
    return () => {
        moved?.();
        back?.();
    };
};
//# sourceMappingURL=loadedAnew.js.map