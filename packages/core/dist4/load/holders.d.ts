/** What holds other things, and what goes into it by itself. */
import type { Holding, Thing } from '../trip/model.js';
/** Whether a thing takes any form, and so takes the room of what is in it. */
export declare function takesAnyForm({ shape, holds }: Thing): boolean;
/** What a thing holds: as it says, or since it is a food container or a pot. */
export declare const holdingOf: (list: Thing) => Holding | undefined;
/** What something is said to ride in, though it does not say that it holds anything. */
export declare function plainHolding(thing: Thing): Holding;
/**
 * Whether a thing goes into a holder without being told. What is wanted on the way stays out of what is opened in camp;
 * liquid fuel goes into no pot. All of it is common practice, no source.
 *
 * @param isToday it is eaten on the day looked at
 */
export declare function isMeantFor(holder: Thing, thing: Thing, isToday: boolean): boolean;
/** Food that goes into a food container on a day: all but what is eaten on the way. */
export declare function goesWithFood(thing: Thing, day: number): boolean;
/** Food of which nobody says when it is eaten may be eaten on any day. */
export declare function isEatenOn({ consumption }: Thing, day: number): boolean;
