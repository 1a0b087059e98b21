import type { ColumnLoader } from '../columnLoader.js';
/** What a place costs by itself: the height, what is lost under it, what stands out. The thing stays loaded. */
export declare function priceOf(loader: ColumnLoader, i: number, floorCm: number, load: () => void): number;
