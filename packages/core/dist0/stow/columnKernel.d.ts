/** Addresses are in bytes. What each does is told in `assembly/columnKernel.ts`. */
interface ColumnKernel {
    useLoader(loader: number): void;
    useStage(stage: number, things: number, parts: number): void;
    begin(before: number, loaded: number, slackCm3: number): void;
    empty(): void;
    restsAt(turn: number, first: number): number;
    aboveCm(): number;
    lowestPlace(turn: number, firstRow: number, step: number, known: number): number;
    putRigid(turn: number, first: number, z: number): void;
    flow(volumeCm3: number, leastCm: number, narrow: number, tallest: number, ix: number, iy: number, wide: number, deep: number, besideOnly: boolean): number;
    creviceCm3(cells: number): number;
    coveredColumns(stage: number, last: number): number;
    outline(isLater: boolean, stage: number): void;
    swellOutline(isLater: boolean, stage: number, which: number): void;
    touchCm2(earlier: number, before: number, which: number): number;
}
/** Everything that was given out since it was opened is given up when it is closed. */
interface Scope {
    readonly isOpen: boolean;
}
export declare class Heap {
    readonly kernel: ColumnKernel;
    /** The memory as numbers of 64 and of 32 bits; others when it has grown. */
    f64: Float64Array;
    i32: Int32Array;
    scope: Scope;
    /** Whose compartment the kernel works on. */
    loader: object | undefined;
    private readonly memory;
    private top;
    constructor();
    /**
     * Room for so many bytes, at an address that is a multiple of 8. What is in it is anything.
     *
     * @param scope whose memory it is to be: the innermost, for what lies above goes when that is closed
     */
    allocate(bytes: number, scope: Scope): number;
    within<T>(work: () => T): T;
}
/** The kernel and its memory, made when they are first asked for. */
export declare function columnHeap(): Heap;
/** Do some work at once, and give up all loaders that it made. */
export declare function withLoaders<T>(work: () => T): T;
export {};
