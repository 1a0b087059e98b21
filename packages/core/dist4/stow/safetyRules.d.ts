/** Zones that are forbidden to a thing, whatever its home rule likes. All of it is common practice, no source. */
import type { HouseRules, Pack, Thing, Zone } from '../trip/model.js';
/** What of a pack the rules on single placements ask for. */
export type PackStyle = Pick<Pack, 'lidStyle'>;
interface SafetyRule {
    readonly id: string;
    readonly forbids: (thing: Thing, zone: Zone, house: HouseRules, pack: PackStyle) => boolean;
    readonly why: string;
}
export declare const SAFETY_RULES: readonly SafetyRule[];
export {};
