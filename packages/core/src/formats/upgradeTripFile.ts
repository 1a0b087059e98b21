/** Trip files of older versions, brought to the newest one field by field; what is broken stays broken and is reported. */
import { NEW_IN_VERSION_2 } from '../trip/emptyTrip.js';
import { DEFAULT_HOUSE_RULES } from '../trip/model.js';

type Raw = Readonly<Record<string, unknown>>;
const isRaw = (value: unknown): value is Raw =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Version 2 added the brief (place, track, waypoints, forecast …), limit policies, trials, roles and six house rules. */
export function upgradeTrip1(trip: unknown): unknown {
  if (!isRaw(trip)) return trip;
  const { houseRules, members } = trip;
  return {
    ...NEW_IN_VERSION_2,
    ...trip,
    ...(isRaw(houseRules) ? { houseRules: { ...DEFAULT_HOUSE_RULES, ...houseRules } } : {}),
    ...(Array.isArray(members)
      ? { members: members.map((m: unknown) => (isRaw(m) ? { carryTrials: [], limitHistory: [], ...m } : m)) }
      : {}),
  };
}

/** A trip file's data in the newest version; anything that is not an older trip file is returned as it is. */
export function upgradeTripFile(file: unknown): unknown {
  if (!isRaw(file) || file['version'] !== 1) return file;
  return { ...file, version: 2, trip: upgradeTrip1(file['trip']) };
}
