import { type PartFigures } from '../stow/search/partFigures.js';
import type { SearchFacts } from '../stow/search/searchFacts.js';
import type { StowState } from '../stow/search/stowState.js';
/** The figures of a compartment as a state has it; not of a sleeve. */
export declare function plainFigures(facts: SearchFacts, state: StowState, c: number): PartFigures;
