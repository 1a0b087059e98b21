/**
 * What an experienced packer says on opening a packed pack: one plain statement a line, with whatever breaks it. Common
 * practice, no source. Where practitioners disagree the trip's house rules say which camp is asked.
 */
import { AT_HAND, BALANCE, FOOD, ORDER, STEPS } from './order.js';
import { PLACES } from './places.js';
import { NEIGHBOURS } from './touching.js';
export const STATEMENTS = [
    ...PLACES,
    ...NEIGHBOURS,
    ...FOOD,
    ...AT_HAND,
    ...BALANCE,
    ...ORDER,
    ...STEPS,
];
//# sourceMappingURL=statements.js.map