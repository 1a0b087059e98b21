/**
 * The text of bytes that are no UTF: Windows-1252, the DOS code page 850 (and 437 in its letters), or Mac Roman. Nothing in
 * a file says which; the one is taken in which its letters stand where letters stand, and its signs where signs do.
 */
export declare function decodeCodePage(bytes: Uint8Array): string;
/** The UTF-16 that a byte order mark says; undefined without one. */
export declare function utf16Of([a, b]: Uint8Array): 'utf-16le' | 'utf-16be' | undefined;
