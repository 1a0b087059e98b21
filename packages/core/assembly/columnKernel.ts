/**
 * What the loader does to a stage of a compartment, compiled to WebAssembly (AssemblyScript): nearly all of a search's
 * time goes here. `src/stow/columnLoader.ts` says where things go and reads the results; `memoryLayout.mjs` says where
 * what lies.
 */
export { begin, coveredColumns, empty, useLoader, useStage } from './compartment';
export { creviceCm3 } from './closing';
export { outline, swellOutline, touchCm2 } from './contact';
export { flow } from './pour';
export { aboveCm, lowestPlace, putRigid, restsAt } from './rigid';
