import { type Trip } from '../trip/model.js';
/** @throws Error when no share is found: the party is then not one that a leader would set out with */
export declare function randomParty(seed: number): Trip;
