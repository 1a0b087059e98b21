/** References of what was noted on the way and afterwards. */
import type { RawTrip, Entry } from './rawTrip.js';
/** Members, things, groups and days that records speak of. */
export declare function checkRecords(raw: RawTrip): void;
/** A group that cooks: tents do not. */
export declare function expectCookGroup(raw: RawTrip, { item, path }: Entry): void;
