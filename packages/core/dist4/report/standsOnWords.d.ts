import type { Trip } from '../trip/model.js';
import { type MassUnit } from '../units/format.js';
import type { ShareFigures } from '../share/shareFigures.js';
import type { StandsOn } from './standsOn.js';
export interface StandsOnLine {
    /** Where it is put right. */
    readonly at: 'people' | 'kit' | 'shares';
    readonly text: string;
    /** It is missing, not only uncertain. */
    readonly isGap: boolean;
}
/**
 * What is uncertain and what is missing, what is missing first; nothing where all is weighed and said.
 *
 * @param limitsHidden how far the largest load could move is told by itself, not by limits
 */
export declare function standsOnLines(trip: Trip, figures: ShareFigures, stands: StandsOn, unit?: MassUnit, limitsHidden?: boolean): readonly StandsOnLine[];
/** "the stove, 40 % of what is not known". */
export declare function weighFirstWords(stands: StandsOn): readonly string[];
/** What a proved division is the best of: of what is listed, and of no more. */
export declare function provenWords({ ownUnknown, unweighed, bodiesUnsaid }: StandsOn): string;
