/** Water carriers: enough litres for the driest stretch, two independent ones each, bags for cooking water, treatment. */
import { campWater, CARRIERS_EACH, partyWater, waterByMember } from '../larder/waterPlan.js';
import { dayOfPlace } from '../route/legSlopes.js';
import { addFor, addToGroup, entryById, names } from './cures.js';
import { findingId } from './finding.js';
import { inSentence } from '../units/format.js';
const SLACK_L = 0.05;
/** @param listed members whose own things are on a list: the bottles of others nobody knows */
export function waterFindings(trip, library, listed = trip.members) {
    const soft = entryById(library, 'own-soft-bottle-1-l');
    const perBottleL = soft.thing.waterCapacityL ?? 1;
    const water = waterByMember(trip).filter((w) => listed.includes(w.member));
    const few = water.filter((w) => w.containers.length < CARRIERS_EACH);
    // Whoever lacks a second carrier gets one; what is still short after that is short of litres.
    const isShort = new Map([...new Set(water.map((w) => w.day))].map((day) => {
        const { needL, capacityL } = partyWater(trip, day);
        return [day, capacityL < needL - SLACK_L];
    }));
    // The group's bags are for all: nobody is short as long as the party is not.
    const short = water.filter((w) => isShort.get(w.day) === true &&
        w.capacityL + (few.includes(w) ? perBottleL * (CARRIERS_EACH - w.containers.length) : 0) <
            w.needL - SLACK_L);
    const findings = [];
    const add = (id, weight, those, what, why, count) => {
        if (those.length === 0)
            return;
        findings.push({
            id: findingId('water', id),
            kind: 'water',
            weight,
            what,
            why,
            memberIds: those.map((w) => w.member.id),
            thingIds: those.flatMap((w) => w.containers.map((c) => c.id)),
            cures: [
                addFor(soft, those.flatMap((w) => Array.from({ length: count(w) }, () => w.member.id)), names(those.map((w) => w.member))),
            ],
        });
    };
    const [driest] = short;
    const mostL = driest?.needL ?? 0;
    const isAlike = short.every((w) => Math.abs(w.needL - mostL) < SLACK_L);
    add('two', 'should', few, `${names(few.map((w) => w.member))}: fewer than two water carriers`, 'two independent ones each: one leaks one day', (w) => CARRIERS_EACH - w.containers.length);
    add('litres', 'must', short, isAlike
        ? `${names(short.map((w) => w.member))}: ${Math.min(...short.map((w) => w.capacityL)).toFixed(1)} L of containers for ${mostL.toFixed(1)} L`
        : short
            .map((w) => `${w.member.name}: ${w.capacityL.toFixed(1)} L of containers for ${w.needL.toFixed(1)} L`)
            .join('; '), isAlike
        ? `day ${driest?.day ?? 1} is the driest: each carries ${mostL.toFixed(1)} L`
        : `day ${driest?.day ?? 1} is the driest: water is dealt out by what each can carry`, (w) => Math.ceil((w.needL - SLACK_L - w.capacityL) / perBottleL));
    for (const place of trip.waypoints.filter((w) => w.kind === 'water' && w.cacheL !== undefined)) {
        findings.push({
            id: findingId('water', `cache-${place.id}`),
            kind: 'water',
            weight: 'must',
            what: `${place.cacheL.toFixed(1)} L are to be laid at ${place.name} before day ${dayOfPlace(trip, place.atKm)}`,
            why: 'the plan drinks of it: laid, marked and hidden from animals before it is met; put this aside once it is',
            memberIds: [],
            thingIds: [],
            cures: [],
        });
    }
    const bag = entryById(library, 'group-water-bag-6-l');
    const byGroup = campWater(trip).filter((c) => c.capacityL < c.needL - SLACK_L);
    if (byGroup.length > 0) {
        const byDay = new Map();
        for (const c of byGroup)
            byDay.set(c.day, (byDay.get(c.day) ?? 0) + c.needL - c.capacityL);
        const missingL = Math.max(...byDay.values());
        const count = Math.ceil(missingL / (bag.thing.waterCapacityL ?? 6));
        findings.push({
            id: findingId('water', 'cooking'),
            kind: 'water',
            weight: 'must',
            what: `${missingL.toFixed(1)} L of cooking water for the dry camp without a bag`,
            why: `day ${byGroup[0].day} ends without water: the group's bags hold too little`,
            memberIds: [],
            thingIds: [],
            cures: [
                {
                    ...addToGroup(bag, count),
                    label: `Add ${count === 1 ? '' : `${count} × `}${inSentence(bag.name)} to the group kit`,
                },
            ],
        });
    }
    return findings;
}
//# sourceMappingURL=waterChecks.js.map