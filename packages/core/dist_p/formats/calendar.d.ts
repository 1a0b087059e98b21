import type { PreparationDate } from '../prepare/preparation.js';
import type { TrainingWalk } from '../prepare/trainingLadder.js';
import type { Trip } from '../trip/model.js';
export interface CalendarParts {
    readonly trip: Pick<Trip, 'id' | 'name' | 'startDate' | 'legs'>;
    readonly preparation: readonly PreparationDate[];
    /** Whose training it is; a member's name stands in the title, their body weight nowhere. */
    readonly training?: {
        readonly memberId: string;
        readonly name: string;
        readonly walks: readonly TrainingWalk[];
    };
    /** When the calendar was written, for the events' stamps. */
    readonly writtenAt: Date;
}
/** The calendar's text, with whole-day events, which have no time zone to get wrong. */
export declare function tripCalendar({ trip, preparation, training, writtenAt }: CalendarParts): string;
