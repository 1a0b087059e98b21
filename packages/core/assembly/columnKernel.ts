/**
 * Compartments loaded and looked at, compiled to WebAssembly (AssemblyScript): nearly all of a search's time goes here.
 * `memoryLayout.mjs` says where what lies; `src/stow/loaderMemory.ts` and `src/stow/search/deskMemory.ts` write it.
 */
export { empty } from './compartment';
export { creviceCm3 } from './closing';
export { coveredColumns, touchCm2 } from './contact';
export { measured, rewind } from './line';
export { loadInto } from './load';
export { keepDesk, look } from './look';
