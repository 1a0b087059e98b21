import { formatMass } from '../units/format.js';
import { names } from './cures.js';
import { findingId } from './finding.js';
import { isListed, isOwnUnknown, landOwnThings, suggestOwn, takeSuggestedOwn } from './ownFigure.js';
export function ownThingsFindings(trip) {
    const unknown = trip.members.filter((m) => isOwnUnknown(trip, m));
    const figured = trip.members.filter((m) => !isListed(trip, m) && !unknown.includes(m));
    const findings = [];
    if (unknown.length > 0) {
        const changeKg = unknown.reduce((sum, m) => sum + suggestOwn(trip, m).kg, 0);
        findings.push({
            id: findingId('ownThings', 'unknown'),
            kind: 'ownThings',
            weight: 'must',
            what: `Nothing is known of the own things of ${names(unknown)}`,
            why: 'their loads are too light by that: write a list, or one figure under People',
            memberIds: unknown.map((m) => m.id),
            thingIds: [],
            cures: [
                {
                    label: `Count ≈ ${formatMass(changeKg / unknown.length, 'kg')}${unknown.length > 1 ? ' each' : ''}, as such trips have`,
                    changeKg,
                    apply: (t) => landOwnThings(takeSuggestedOwn(t)),
                },
            ],
        });
    }
    if (figured.length > 0)
        findings.push({
            id: findingId('ownThings', 'figure'),
            kind: 'ownThings',
            weight: 'could',
            what: `Own things of ${names(figured)} are one figure`,
            why: 'what they lack, have twice or could leave at home is not checked',
            memberIds: figured.map((m) => m.id),
            thingIds: [],
            cures: [],
        });
    return findings;
}
//# sourceMappingURL=ownThingsChecks.js.map