import type { Misfit, ShareCure } from './cures.js';
/** "worst: Ilse 133 → 112 %", and whoever is worst off then when that is somebody else; empty when not known. */
export declare function worstWords({ worstBefore: was, worstAfter: is }: ShareCure): string;
/** Where no cure is enough: what is left with the best of them, and whose decision it is. Empty when one is enough. */
export declare function leftOverWords(misfit: Misfit, unit: 'kg' | 'lb'): string;
