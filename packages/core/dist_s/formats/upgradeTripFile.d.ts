/** Version 2 added the brief (place, track, waypoints, forecast …), limit policies, trials, roles and six house rules. */
export declare function upgradeTrip1(trip: unknown): unknown;
/** Version 3 added the larder, arrangements and dismissals, and what a thing may say of its mass, owner and state. */
export declare function upgradeTrip2(trip: unknown): unknown;
/** A trip file's data in the newest version; anything that is not an older trip file is returned as it is. */
export declare function upgradeTripFile(file: unknown): unknown;
