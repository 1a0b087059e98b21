/** A tent as a stay: in a pack without a frame it is rolled tight and stands at the back (common practice, no source). */
import type { HouseRules, Pack, Thing } from '../trip/model.js';
/** The thing as it is packed: a stuffed tent is rolled where two uprights are the rule. */
export declare function asStay(thing: Thing, pack: Pack, house: HouseRules): Thing;
