import type { StowThing } from './stowThing.js';
export declare function compareLoading(a: StowThing, b: StowThing): number;
