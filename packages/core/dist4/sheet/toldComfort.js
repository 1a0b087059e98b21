/** How days felt, as members tell from their sheets, for the leader to take into the record. */
import { putComfort } from '../debrief/recordChanges.js';
import { own } from '../trip/own.js';
import { BODY_PLACES } from '../trip/recordModel.js';
import { markKey, standing } from './marks.js';
/** What a mark about a day names in place of a thing. */
export function dayMark(day) {
    return `day-${day}`;
}
/** What stands of a member's word on a day; undefined while they gave no mark. */
export function toldDay(state, day) {
    const about = dayMark(day);
    const comfort = state.get(markKey({ kind: 'comfort', thingId: about }))?.mark.value;
    if (typeof comfort !== 'number')
        return undefined;
    const words = String(state.get(markKey({ kind: 'hurts', thingId: about }))?.mark.value ?? '').split(' ');
    return { comfort, hurts: BODY_PLACES.filter((place) => words.includes(place)) };
}
/** All that members told and the record does not say yet. */
export function toldComfort(trip, marks) {
    return trip.members.flatMap((member) => {
        const state = standing(own(marks, member.id) ?? []);
        return trip.legs.flatMap((_leg, i) => {
            const told = toldDay(state, i + 1);
            if (told === undefined)
                return [];
            const noted = trip.comfort.find((c) => c.memberId === member.id && c.day === i + 1);
            const same = noted?.comfort === told.comfort &&
                noted.hurts.length === told.hurts.length &&
                told.hurts.every((place) => noted.hurts.includes(place));
            return same ? [] : [{ memberId: member.id, day: i + 1, ...told }];
        });
    });
}
/** The record with what members told; words that stand beside a mark stay. */
export function takeToldComfort(trip, told) {
    return told.reduce((t, day) => {
        const note = t.comfort.find((c) => c.memberId === day.memberId && c.day === day.day)?.note;
        return putComfort(t, { ...day, ...(note === undefined ? {} : { note }) });
    }, trip);
}
//# sourceMappingURL=toldComfort.js.map