import type { HouseRuleId, HouseRules, Thing, ZoneKind } from '../../trip/model.js';
export interface HomeRule {
    readonly id: string;
    readonly applies: (thing: Thing, house: HouseRules) => boolean;
    /** The house rule that it is a camp of. */
    readonly question?: HouseRuleId;
    readonly good: readonly ZoneKind[];
    readonly fair: readonly ZoneKind[];
    /** Pockets and straps where no experienced packer would put it. */
    readonly never?: readonly ZoneKind[];
    readonly why: string;
    /** The trip's house rule asks for the good zones: they are never too deep. */
    readonly byHouseRule?: boolean;
    /** A house rule chose depth on purpose: do not mark it too deep. */
    readonly depthChosen?: boolean;
}
