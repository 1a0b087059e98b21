/** Addresses are in bytes. What each does is told in `assembly/`. */
interface ColumnKernel {
    empty(loader: number): void;
    rewind(loader: number, count: number): void;
    loadInto(loader: number, solid: number, way: number, x: number, y: number, mend: boolean): void;
    measured(loader: number, i: number): number;
    creviceCm3(loader: number, cells: number): number;
    coveredColumns(loader: number, i: number, j: number): number;
    touchCm2(loader: number, i: number, j: number): number;
    look(desk: number, limit: number): number;
    keepDesk(desk: number): void;
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
