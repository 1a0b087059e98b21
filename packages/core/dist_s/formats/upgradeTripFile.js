/** Trip files of older versions, brought to the newest one field by field; what is broken stays broken and is reported. */
import { NEW_IN_VERSION_2, NEW_IN_VERSION_3, NEW_IN_VERSION_4, NEW_IN_VERSION_5, NEW_IN_VERSION_6, } from '../trip/emptyTrip.js';
import { DEFAULT_HOUSE_RULES } from '../trip/model.js';
/** How it was before there were house rules on it. */
const UNTIL_VERSION_8 = { cookSet: 'free', waterShare: 'each' };
const isRaw = (value) => typeof value === 'object' && value !== null && !Array.isArray(value);
/** Version 2 added the brief (place, track, waypoints, forecast …), limit policies, trials, roles and six house rules. */
export function upgradeTrip1(trip) {
    if (!isRaw(trip))
        return trip;
    const { houseRules, members } = trip;
    return {
        ...NEW_IN_VERSION_2,
        ...trip,
        ...(isRaw(houseRules)
            ? { houseRules: { ...DEFAULT_HOUSE_RULES, ...UNTIL_VERSION_8, ...houseRules } }
            : {}),
        ...(Array.isArray(members)
            ? { members: members.map((m) => (isRaw(m) ? { carryTrials: [], limitHistory: [], ...m } : m)) }
            : {}),
    };
}
/** Version 3 added the larder, arrangements and dismissals, and what a thing may say of its mass, owner and state. */
export function upgradeTrip2(trip) {
    return isRaw(trip) ? { ...NEW_IN_VERSION_3, ...trip } : trip;
}
/** Version 4 added the school of fairness, handovers, what-ifs, and a member's last day. */
function upgradeTrip3(trip) {
    return isRaw(trip) ? { ...NEW_IN_VERSION_4, ...trip } : trip;
}
/** Version 5 added the main compartment in true size, exact places in a stow, and practice. */
function upgradeTrip4(trip) {
    return isRaw(trip) ? { ...NEW_IN_VERSION_5, ...trip } : trip;
}
/** Version 6 added the record: weigh-ins, events, comfort, contacts, what was used, missed and left over. */
function upgradeTrip5(trip) {
    return isRaw(trip) ? { ...NEW_IN_VERSION_6, ...trip } : trip;
}
/**
 * Version 7 added ages, portions and what somebody has trained with, lets others carry what is somebody's own, and has
 * pieces in parts. Absent they mean what they meant before.
 */
function upgradeTrip6(trip) {
    return trip;
}
/**
 * Version 8 added holders with what is in them, packs that anybody may have, and house rules on cook sets, which until
 * then went as they came, and on water, of which each carried their own.
 */
function upgradeTrip7(trip) {
    if (!isRaw(trip) || !isRaw(trip['houseRules']))
        return trip;
    return { ...trip, houseRules: { ...UNTIL_VERSION_8, ...trip['houseRules'] } };
}
const UPGRADES = [
    upgradeTrip1,
    upgradeTrip2,
    upgradeTrip3,
    upgradeTrip4,
    upgradeTrip5,
    upgradeTrip6,
    upgradeTrip7,
];
/** A trip file's data in the newest version; anything that is not an older trip file is returned as it is. */
export function upgradeTripFile(file) {
    if (!isRaw(file))
        return file;
    const { version, trip } = file;
    if (typeof version !== 'number' || UPGRADES[version - 1] === undefined)
        return file;
    const upgraded = UPGRADES.slice(version - 1).reduce((data, upgrade) => upgrade(data), trip);
    return { ...file, version: UPGRADES.length + 1, trip: upgraded };
}
//# sourceMappingURL=upgradeTripFile.js.map