import { type CompartmentView } from './compartmentView.js';
import type { SearchFacts } from './searchFacts.js';
import type { StowState } from './stowState.js';
export declare function sleeveView(facts: SearchFacts, state: StowState, c: number): CompartmentView;
