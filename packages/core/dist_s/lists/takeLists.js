/** Names in a list that nobody on the trip has: what each is, said once and for all of its rows. */
import { addMember } from '../trip/partyChanges.js';
import { isSameName } from '../trip/names.js';
import { isGroupWord } from './listHeads.js';
/** Names of lists that are no member's, no kit's and no word for the group, each once. */
export function unknownLists(trip, rows) {
    const names = [...new Set(rows.flatMap((r) => r.list ?? []))];
    return names.filter((name, i) => !isGroupWord(name) &&
        names.findIndex((other) => isSameName(other, name)) === i &&
        ![...trip.members, ...trip.kits].some((known) => isSameName(known.name, name)));
}
/** Rows with their lists as was said of them, on a trip with those who are new. */
export function settleLists(trip, rows, meanings) {
    const of = (name) => name === undefined ? undefined : [...meanings].find(([known]) => isSameName(known, name))?.[1];
    const withNew = [...meanings].reduce((t, [name, meaning]) => (meaning.kind === 'newMember' ? addMember(t, name) : t), trip);
    const settled = rows.map((row) => {
        const meaning = of(row.list);
        if (meaning?.kind === 'group')
            return { ...row, list: 'group' };
        if (meaning?.kind !== 'member')
            return row;
        const member = trip.members.find((m) => m.id === meaning.memberId);
        return member === undefined ? row : { ...row, list: member.name };
    });
    return { trip: withNew, rows: settled };
}
//# sourceMappingURL=takeLists.js.map