import { dayErrors, whatIfErrors } from './fieldReferences.js';
import { idsOf, entries } from './rawTrip.js';
/** References of who carries what, and where it is in the packs. */
export function checkPlan(raw) {
    const memberIds = idsOf(raw.members);
    const pieceIds = idsOf(raw.pieces);
    const [rules, share, handovers] = [raw.of('carrierRules'), raw.of('share'), raw.of('handovers')];
    raw.unique(rules, 'id', 'rule id');
    for (const rule of rules)
        raw.expectEach(rule, 'pieceIds', pieceIds, 'piece');
    raw.unique(share, 'pieceId', 'piece');
    // What is somebody's own may be taken over by others.
    const carriedIds = new Set([...pieceIds, ...idsOf(raw.personal.filter(isStowed))]);
    raw.expectAll(share, 'pieceId', carriedIds, 'piece, or of a personal thing in a pack,');
    raw.expectAll(share, 'memberId', memberIds, 'member');
    raw.expectAll(handovers, 'pieceId', carriedIds, 'piece, or of a personal thing in a pack,');
    raw.expectAll(handovers, 'toMemberId', memberIds, 'member');
    for (const { item, path } of handovers)
        raw.take(dayErrors(item, 'day', path, raw.days));
    for (const variant of raw.of('variants')) {
        for (const change of entries(variant.item, 'changes', `${variant.path}.`)) {
            raw.expectAll([change], 'memberId', memberIds, 'member');
            raw.take(whatIfErrors(change.item, change.path, raw.days));
        }
    }
    checkStows(raw);
}
/** Stows of members, each thing one that is in that pack, in zones of that pack. */
function checkStows(raw) {
    const stows = raw.of('stows');
    const inPack = thingsInPacks(raw);
    raw.unique(stows, 'memberId', 'member');
    raw.expectAll(stows, 'memberId', idsOf(raw.members), 'member');
    for (const { item, path } of stows) {
        const { memberId } = item;
        const member = raw.members.find((m) => m.item['id'] === memberId);
        const pack = raw.packs.find((p) => member !== undefined && p.item['id'] === member.item['packId']);
        const zoneIds = new Set(pack === undefined ? [] : entries(pack.item, 'zones', '').map((z) => String(z.item['id'])));
        const placements = entries(item, 'placements', `${path}.`);
        raw.unique(placements, 'thingId', 'thing');
        for (const placement of placements) {
            const { thingId, zoneId } = placement.item;
            if (typeof thingId === 'string' && !inPack.has(pair(thingId, memberId)))
                raw.refuse(`${placement.path}.thingId`, `expected a thing in this member's pack (shared or handed to them, or their own and not worn), got "${thingId}"`);
            if (pack !== undefined)
                raw.expectKnown(zoneIds, zoneId, `${placement.path}.zoneId`, "zone of the member's pack");
        }
    }
}
/** Pairs of a thing and a member in whose pack it is at some time. */
function thingsInPacks(raw) {
    return new Set([
        ...raw.of('share').map(({ item }) => pair(item['pieceId'], item['memberId'])),
        ...raw.of('handovers').map(({ item }) => pair(item['pieceId'], item['toMemberId'])),
        ...raw.personal.filter(isStowed).map(({ item }) => pair(item['id'], item['memberId'])),
    ]);
}
const isStowed = ({ item }) => item['worn'] !== true;
function pair(thingId, memberId) {
    return JSON.stringify([thingId, memberId]);
}
//# sourceMappingURL=planReferences.js.map