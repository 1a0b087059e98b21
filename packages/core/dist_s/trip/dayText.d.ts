/** Days as people write them in a table: "2", "1–3", "from 4", "to 5"; and use as "1–6, 0.15 kg left". */
import type { Consumption, Thing } from './model.js';
/** When a thing joins and leaves; an end that is absent is the trip's own. */
export type DaySpan = Pick<Thing, 'fromDay' | 'toDay'>;
export type ParsedSpan = {
    readonly ok: true;
    readonly span: DaySpan;
} | {
    readonly ok: false;
    readonly error: string;
};
export type ParsedUse = {
    readonly ok: true;
    readonly use: Consumption | undefined;
} | {
    readonly ok: false;
    readonly error: string;
};
export declare function formatDaySpan({ fromDay, toDay }: DaySpan): string;
/** Read what `formatDaySpan` writes; nothing means the whole trip. A hyphen may stand for the dash. */
export declare function parseDaySpan(text: string): ParsedSpan;
export declare function formatUse(use: Consumption | undefined): string;
/** Read what `formatUse` writes; nothing means that the thing is not used up. A bare residue is in kg. */
export declare function parseUse(text: string): ParsedUse;
