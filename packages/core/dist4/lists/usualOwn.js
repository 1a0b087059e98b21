/** What a member usually has in the pack for themselves on such a trip, by the lists of templates. */
import { STARTER_LIBRARY } from '../library/starterLibrary.js';
import { oncePer } from '../trip/oncePer.js';
import { entryById } from './cures.js';
import { applies, EACH, isOldEnough } from './templateLines.js';
import { tripFacts } from './tripFacts.js';
/** The lines that are for a trip, whoever it is; what is worn is in nobody's pack. */
const linesOf = oncePer((trip) => {
    const facts = tripFacts(trip);
    return EACH.filter((line) => applies(line, facts, trip))
        .map((line) => ({ line, entry: entryById(STARTER_LIBRARY, line.starterId) }))
        .filter(({ entry }) => !entry.worn);
});
export function usualOwn(trip, member) {
    return linesOf(trip)
        .filter(({ line }) => isOldEnough(line, member))
        .map(({ line, entry }) => ({ entry, want: line.want }));
}
//# sourceMappingURL=usualOwn.js.map