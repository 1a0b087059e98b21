import type { ShareProblem } from './problem.js';
export declare class PackRoom {
    readonly problem: ShareProblem;
    private readonly days;
    private readonly volume;
    /** Packed volume above what the pack has free, all food in the pack itself; negative where there is room. */
    private readonly overL;
    /** Food that may ride in stiff containers, and the room for it in those; absent where there is no such container. */
    private readonly food;
    constructor(problem: ShareProblem);
    /** As before anything is dealt out. */
    empty(): void;
    /** Volume above what a pack has free, litres; negative where there is room. */
    overVolumeL(m: number, d: number): number;
    /** Put a bundle into a pack on a day, or, with -1, take it out. */
    put(b: number, m: number, d: number, sign: 1 | -1): void;
    /** Volume above packs that a move would add on a day: bundle b from one carrier to another, `back` the other way. */
    weigh(b: number, from: number, to: number, back: number, d: number): number;
    private swap;
}
