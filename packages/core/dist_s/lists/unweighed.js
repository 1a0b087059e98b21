import { allThings, isPersonal } from '../trip/queries.js';
import { inSentence } from '../units/format.js';
import { findingId } from './finding.js';
import { isUnweighed } from './guessFacts.js';
const MOST_NAMED = 4;
export function unweighedFindings(trip) {
    const things = allThings(trip).filter(isUnweighed);
    if (things.length === 0)
        return [];
    const named = things.slice(0, MOST_NAMED).map((t, i) => (i === 0 ? t.name : inSentence(t.name)));
    const more = things.length - named.length;
    return [
        {
            id: findingId('unweighed'),
            kind: 'unweighed',
            weight: 'must',
            what: `Without a mass: ${named.join(', ')}${more > 0 ? ` and ${more} more` : ''}`,
            why: 'nobody has weighed or guessed them: they count as nothing in every load',
            memberIds: [...new Set(things.filter(isPersonal).map((t) => t.memberId))],
            thingIds: things.map((t) => t.id),
            cures: [],
        },
    ];
}
//# sourceMappingURL=unweighed.js.map