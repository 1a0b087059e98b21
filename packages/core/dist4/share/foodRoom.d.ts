import type { Thing } from '../trip/model.js';
/**
 * What is left in stiff containers among things for the food of others, litres.
 *
 * @param day day of the trip, from 1
 */
export declare function stiffRoomL(things: readonly Thing[], day: number): number;
/** Of the room that things take, what goes into containers of others, litres. */
export declare function fillsL(things: readonly Thing[], day: number): number;
/** The room of a pack that so much takes. */
export declare function roomTakenL(allL: number, fillsL: number, stiffL: number): number;
