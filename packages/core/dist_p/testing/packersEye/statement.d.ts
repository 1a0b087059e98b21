/** A statement, and what the statements share. */
import type { ZoneKind } from '../../trip/model.js';
import type { SeenPack, SeenThing } from './seen.js';
export interface Statement {
    readonly id: string;
    readonly says: string;
    /** What breaks it, in words; empty where it holds. */
    readonly broken: (pack: SeenPack) => readonly string[];
}
export declare const INSIDE: readonly ZoneKind[];
export declare const POCKETS: readonly ZoneKind[];
export declare const at: (t: SeenThing) => string;
export declare const isLoose: (t: SeenThing) => boolean;
/** Things of a kind that are nowhere an eye accepts. */
export declare function onlyIn(id: string, says: string, kind: (t: SeenThing, pack: SeenPack) => boolean, accepted: (t: SeenThing, pack: SeenPack) => readonly ZoneKind[] | 'any'): Statement;
/** A contact of less than this is an edge, cm². */
export declare const TOUCHES_CM2 = 12;
/** Two kinds that must not touch, as they lie: a sealed or guarding holder makes no contact. */
export declare function apart(id: string, says: string, one: (t: SeenThing) => boolean, other: (t: SeenThing) => boolean): Statement;
/** Things of one kind and of another in the same pocket, which is too small to part them. */
export declare function notInOnePocket(id: string, says: string, one: (t: SeenThing) => boolean, other: (t: SeenThing) => boolean): Statement;
export declare const some: (list: readonly string[], most: number) => readonly string[];
export declare function isWrapper(t: SeenThing, p: SeenPack): boolean;
export declare function isForToday(t: SeenThing, p: SeenPack): boolean;
