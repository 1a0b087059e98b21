/** What somebody may do in a trip: all, all but give it away or delete it, or look only. */
export const TRIP_ROLES = ['owner', 'full', 'read'];
export const INVITED_ROLES = ['full', 'read'];
export const LEAST_PASSWORD_LENGTH = 10;
export const MOST_PASSWORD_LENGTH = 200;
//# sourceMappingURL=apiContract.js.map