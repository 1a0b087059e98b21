/**
 * The loader's inner loops in WebAssembly (`assembly/columnKernel.ts`) and the memory they work on. Memory is given out
 * from below upward and taken back by whole scopes, the last one first.
 */
import { COLUMN_KERNEL } from './columnKernelCode.js';

/** What of the platform is used; the project's types are those of the language alone. */
declare const WebAssembly: {
  readonly Memory: new (size: { initial: number }) => Memory;
  readonly Module: new (code: Uint8Array) => object;
  readonly Instance: new (module: object, imports: object) => { readonly exports: unknown };
};
interface Memory {
  readonly buffer: ArrayBuffer;
  grow(pages: number): number;
}
declare function atob(base64: string): string;

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

const PAGE_BYTES = 65_536;
const FIRST_PAGES = 64;

export class Heap {
  readonly kernel: ColumnKernel;
  /** The memory as numbers of 64 and of 32 bits; others when it has grown. */
  f64: Float64Array;
  i32: Int32Array;
  scope: Scope = { isOpen: true };
  private readonly memory: Memory;
  private top = 0;

  constructor() {
    const code = Uint8Array.from(atob(COLUMN_KERNEL), (letter) => letter.charCodeAt(0));
    this.memory = new WebAssembly.Memory({ initial: FIRST_PAGES });
    const imports = { env: { memory: this.memory } };
    this.kernel = new WebAssembly.Instance(new WebAssembly.Module(code), imports).exports as ColumnKernel;
    this.f64 = new Float64Array(this.memory.buffer);
    this.i32 = new Int32Array(this.memory.buffer);
  }

  /**
   * Room for so many bytes, at an address that is a multiple of 8. What is in it is anything.
   *
   * @param scope whose memory it is to be: the innermost, for what lies above goes when that is closed
   */
  allocate(bytes: number, scope: Scope): number {
    if (scope !== this.scope) throw new Error('only the innermost scope is given memory');
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

  within<T>(work: () => T): T {
    const { top, scope } = this;
    const mine = { isOpen: true };
    this.scope = mine;
    try {
      return work();
    } finally {
      mine.isOpen = false;
      this.scope = scope;
      this.top = top;
    }
  }
}

let heap: Heap | undefined;

/** The kernel and its memory, made when they are first asked for. */
export function columnHeap(): Heap {
  return (heap ??= new Heap());
}

/** Do some work at once, and give up all loaders that it made. */
export function withLoaders<T>(work: () => T): T {
  return columnHeap().within(work);
}
