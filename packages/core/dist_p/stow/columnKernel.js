/**
 * The loader's inner loops in WebAssembly (`assembly/columnKernel.ts`) and the memory they work on. Memory is given out
 * from below upward and taken back by whole scopes, the last one first.
 */
import { COLUMN_KERNEL } from './columnKernelCode.js';
const PAGE_BYTES = 65_536;
const FIRST_PAGES = 64;
export class Heap {
    kernel;
    /** The memory as numbers of 64 and of 32 bits; others when it has grown. */
    f64;
    i32;
    scope = { isOpen: true };
    memory;
    top = 0;
    constructor() {
        const code = Uint8Array.from(atob(COLUMN_KERNEL), (letter) => letter.charCodeAt(0));
        this.memory = new WebAssembly.Memory({ initial: FIRST_PAGES });
        const imports = { env: { memory: this.memory } };
        this.kernel = new WebAssembly.Instance(new WebAssembly.Module(code), imports).exports;
        this.f64 = new Float64Array(this.memory.buffer);
        this.i32 = new Int32Array(this.memory.buffer);
    }
    /**
     * Room for so many bytes, at an address that is a multiple of 8. What is in it is anything.
     *
     * @param scope whose memory it is to be: the innermost, for what lies above goes when that is closed
     */
    allocate(bytes, scope) {
        if (scope !== this.scope)
            throw new Error('only the innermost scope is given memory');
        const at = this.top;
        this.top += 8 * Math.ceil(bytes / 8);
        const missing = this.top - this.memory.buffer.byteLength;
        if (missing > 0) {
            this.memory.grow(Math.max(FIRST_PAGES, Math.ceil(missing / PAGE_BYTES)));
            this.f64 = new Float64Array(this.memory.buffer);
            this.i32 = new Int32Array(this.memory.buffer);
        }
        return at;
    }
    within(work) {
        const { top, scope } = this;
        const mine = { isOpen: true };
        this.scope = mine;
        try {
            return work();
        }
        finally {
            mine.isOpen = false;
            this.scope = scope;
            this.top = top;
        }
    }
}
let heap;
/** The kernel and its memory, made when they are first asked for. */
export function columnHeap() {
    return (heap ??= new Heap());
}
/** Do some work at once, and give up all loaders that it made. */
export function withLoaders(work) {
    return columnHeap().within(work);
}
//# sourceMappingURL=columnKernel.js.map