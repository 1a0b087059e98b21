/** What is never left behind to save weight, whatever weather, record or a load says. */
import type { Thing } from './model.js';
export declare function isSafetyKit(thing: Pick<Thing, 'name' | 'purpose'>): boolean;
