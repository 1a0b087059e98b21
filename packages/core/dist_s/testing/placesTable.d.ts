import { type Thing, type ZoneKind } from '../trip/model.js';
import { type Level } from '../stow/placementRules.js';
export interface PlacesRow {
    readonly ruleId: string;
    /** Things of the starter library and the larder that it is the rule of. */
    readonly things: readonly string[];
    readonly levels: Readonly<Partial<Record<ZoneKind, Level>>>;
    readonly why: string;
    /** The house rule and the choice under which it holds; undefined where practitioners agree. */
    readonly camp: string | undefined;
}
/** The starter library's things as somebody has them: what is for each is theirs, kits and the rest are the group's. */
export declare const STARTER_THINGS_IN_PACKS: readonly Thing[];
export declare function placesTable(): readonly PlacesRow[];
/** The table as text of `docs/places.md`. */
export declare function placesText(): string;
