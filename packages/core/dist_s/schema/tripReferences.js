import { mainErrors, VOLUME_TOLERANCE, spanErrors, dayErrors, rawThingErrors, grossErrors, } from './fieldReferences.js';
import { checkPlan } from './planReferences.js';
import { isRaw, RawTrip, entries, idsOf } from './rawTrip.js';
import { checkRecords, expectCookGroup } from './recordReferences.js';
/** Lists whose entries have an id of their own, and what it is called. */
const OWN_IDS = [
    ['waypoints', 'waypoint id'],
    ['supplies', 'supply id'],
    ['weather', 'date'],
    ['roles', 'role turn id'],
    ['meals', 'meal id'],
    ['canisters', 'canister id'],
    ['pickups', 'pick-up id'],
    ['arrangements', 'arrangement id'],
    ['dismissals', 'finding'],
    ['practice', 'practice id'],
    ['handovers', 'handover id'],
    ['variants', 'what-if id'],
    ['events', 'event id'],
    ['comfort', 'comfort mark id'],
    ['contacts', 'contact id'],
    ['missed', 'id of something missed'],
    ['chores', 'chore'],
];
/**
 * Check a trip's references and sums.
 *
 * @param trip the raw trip object, of any shape
 * @param base path prefix of the errors, such as "trip."
 * @returns every error found
 */
export function tripReferenceErrors(trip, base = '') {
    if (!isRaw(trip))
        return [];
    const raw = new RawTrip(trip, base);
    raw.unique(raw.of('legs'), 'id', 'leg id');
    for (const [key, what] of OWN_IDS)
        raw.unique(raw.of(key), 'id', what);
    raw.take(trackErrors(trip, raw.days, base));
    raw.unique(raw.of('groups'), 'id', 'group id');
    raw.unique(raw.packs, 'id', 'pack id');
    raw.unique(raw.members, 'id', 'member id');
    raw.unique(raw.of('kits'), 'id', 'kit id');
    raw.unique(raw.things, 'id', 'thing id');
    for (const pack of raw.packs)
        checkPack(raw, pack);
    checkMembers(raw);
    checkThings(raw);
    checkLarder(raw);
    checkRecords(raw);
    checkPlan(raw);
    return raw.errors;
}
/** Zones that their boxes can hold, and parts that the pack has. */
function checkPack(raw, pack) {
    const zones = entries(pack.item, 'zones', `${pack.path}.`);
    raw.unique(zones, 'id', 'zone id of this pack');
    raw.take(mainErrors(pack));
    for (const { item, path } of zones) {
        const { widthCm, depthCm, heightCm, volumeL } = item;
        if (![widthCm, depthCm, heightCm, volumeL].every((v) => typeof v === 'number'))
            continue;
        const boxL = (widthCm * depthCm * heightCm) / 1000;
        if (volumeL > boxL * (1 + VOLUME_TOLERANCE))
            raw.refuse(`${path}.volumeL`, `expected at most ${boxL.toFixed(2)} L, the box of its dimensions, got ${String(volumeL)}`);
    }
}
/** Each with a pack of their own, in groups of the right kind, with a buddy who is somebody else. */
function checkMembers(raw) {
    const memberIds = idsOf(raw.members);
    const groupIds = idsOf(raw.of('groups'));
    raw.expectAll(raw.members, 'packId', idsOf(raw.packs), 'pack');
    raw.expectAll(raw.members, 'buddyId', memberIds, 'member');
    for (const { item, path } of raw.members) {
        checkGroup(raw, groupIds, item, path, 'tent');
        checkGroup(raw, groupIds, item, path, 'cook');
        for (const condition of entries(item, 'conditions', `${path}.`))
            raw.take(spanErrors(condition.item, condition.path, raw.days));
        raw.unique(entries(item, 'carryTrials', `${path}.`), 'id', 'trial id of this member');
        raw.unique(entries(item, 'limitHistory', `${path}.`), 'id', 'entry id of this member');
        for (const key of ['firstDay', 'lastDay'])
            raw.take(dayErrors(item, key, path, raw.days));
        const { firstDay, lastDay } = item;
        if (typeof firstDay === 'number' && typeof lastDay === 'number' && lastDay < firstDay)
            raw.refuse(`${path}.lastDay`, `expected day ${firstDay} or later, when they join, got ${lastDay}`);
        if (typeof item['buddyId'] === 'string' && item['buddyId'] === item['id'])
            raw.refuse(`${path}.buddyId`, 'expected another member, got the member themselves');
    }
    const wornAt = new Map();
    for (const { item, path } of raw.members) {
        const { packId } = item;
        const first = wornAt.get(packId);
        if (typeof packId !== 'string')
            continue;
        if (first === undefined)
            wornAt.set(packId, path);
        else
            raw.refuse(`${path}.packId`, `expected a pack nobody else wears, got "${packId}", worn at ${first}`);
    }
}
function checkGroup(raw, groupIds, item, base, kind) {
    const groupId = item[`${kind}GroupId`];
    const path = `${base}.${kind}GroupId`;
    raw.expectKnown(groupIds, groupId, path, `${kind} group`);
    const actual = raw.groupKinds.get(groupId);
    if (actual !== undefined && actual !== kind)
        raw.refuse(path, `expected a ${kind} group, got "${String(groupId)}", which is a ${String(actual)} group`);
}
/** What things say of themselves, whose they are, who may carry them, and what they are in. */
function checkThings(raw) {
    const memberIds = idsOf(raw.members);
    for (const { item, path } of raw.things)
        raw.take(rawThingErrors(item, path, raw.days));
    raw.expectAll(raw.pieces, 'onlyGroupId', idsOf(raw.of('groups')), 'tent or cook group');
    for (const piece of raw.pieces)
        raw.expectEach(piece, 'onlyMemberIds', memberIds, 'member');
    raw.expectAll(raw.personal, 'memberId', memberIds, 'member');
    raw.expectAll(raw.things, 'nestsIn', idsOf(raw.things), 'thing');
    for (const { item, path } of raw.things)
        if (typeof item['nestsIn'] === 'string' && item['nestsIn'] === item['id'])
            raw.refuse(`${path}.nestsIn`, 'expected another thing, got the thing itself');
}
/** Meals and canisters belong to cook groups, on days of the trip; a partial canister holds at most what a full one does. */
function checkLarder(raw) {
    for (const entry of [...raw.of('meals'), ...raw.of('canisters')])
        expectCookGroup(raw, entry);
    for (const { item, path } of [...raw.of('meals'), ...raw.of('pickups')])
        raw.take(dayErrors(item, 'day', path, raw.days));
    for (const { item, path } of raw.of('canisters'))
        raw.take(grossErrors(item, path));
}
/** A track's lists have one length, its distances rise, and the days end in order on it. */
function trackErrors(trip, days, base) {
    const errors = [];
    const track = trip['track'];
    const marks = trip['dayMarksKm'];
    const km = isRaw(track) && Array.isArray(track['distanceKm']) ? track['distanceKm'] : undefined;
    if (isRaw(track) && km !== undefined) {
        for (const key of ['elevationM', 'latitudeDeg', 'longitudeDeg']) {
            const list = track[key];
            if (Array.isArray(list) && list.length !== km.length) {
                errors.push({
                    path: `${base}track.${key}`,
                    message: `expected ${km.length} entries, as many as distanceKm, got ${list.length}`,
                });
            }
        }
        const falls = km.findIndex((value, i) => i > 0 && value < km[i - 1]);
        if (falls > 0) {
            errors.push({
                path: `${base}track.distanceKm[${falls}]`,
                message: `expected at least ${String(km[falls - 1])}, the distance before it, got ${String(km[falls])}`,
            });
        }
    }
    const gaps = isRaw(track) ? track['gapsBefore'] : undefined;
    if (km !== undefined && Array.isArray(gaps)) {
        const amiss = gaps.findIndex((value, i) => !Number.isInteger(value) ||
            value >= km.length ||
            (i > 0 && value <= gaps[i - 1]));
        if (amiss >= 0)
            errors.push({
                path: `${base}track.gapsBefore[${amiss}]`,
                message: `expected points of the track in order, below ${km.length}, got ${String(gaps[amiss])}`,
            });
    }
    if (!Array.isArray(marks))
        return errors;
    if (km === undefined) {
        errors.push({ path: `${base}dayMarksKm`, message: 'expected no day marks on a trip without a track' });
    }
    else if (days > 0 && marks.length !== days - 1) {
        errors.push({
            path: `${base}dayMarksKm`,
            message: `expected ${days - 1} day marks, one fewer than legs, got ${marks.length}`,
        });
    }
    const bounds = [0, ...marks, ...(km === undefined ? [] : [km[km.length - 1]])];
    const odd = bounds.findIndex((value, i) => i > 0 && value < bounds[i - 1]);
    if (odd > 0) {
        const at = Math.min(odd - 1, marks.length - 1);
        errors.push({
            path: `${base}dayMarksKm[${at}]`,
            message: `expected marks in order along the track, got ${String(marks[at])}`,
        });
    }
    return errors;
}
//# sourceMappingURL=tripReferences.js.map