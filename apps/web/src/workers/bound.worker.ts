/** The bound of a trip's shares, worked out away from the page: building the problem of a large party takes a while. */
import { expose } from 'comlink';
import { tripBoundNow, type TripBound } from '@graft/core/share';
import type { Trip } from '@graft/core/trip';

const bounds = { of: (trip: Trip): TripBound => tripBoundNow(trip) };

export type Bounds = typeof bounds;
expose(bounds);
