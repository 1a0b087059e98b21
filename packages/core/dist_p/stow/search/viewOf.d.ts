import { type StowWeights } from '../stowCost.js';
import { type CompartmentView } from './compartmentView.js';
import type { CompartmentLoaders } from './compartmentLoaders.js';
import { type PartFigures } from './partFigures.js';
import type { SearchFacts } from './searchFacts.js';
import type { StowState } from './stowState.js';
/** The most that a state's energy may be, and what all other compartments come to. */
export interface Within {
    readonly weights: StowWeights;
    readonly limit: number;
    readonly others: Readonly<PartFigures>;
}
/** Load a compartment and look at it; undefined when the whole is then certain to be above a limit. */
export declare function viewOf(facts: SearchFacts, state: StowState, loaders: CompartmentLoaders, c: number, within?: Within): CompartmentView | undefined;
