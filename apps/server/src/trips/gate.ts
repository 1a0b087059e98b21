/** Who may, before what they say: stands before the reading of a body. */
import type { RequestHandler } from 'express';
import type { TripRole } from '@graft/core/api';
import { accountOf } from '../accounts/signedIn.js';
import type { TripStore } from './tripStore.js';

/** Refuses whoever may not do so much in the trip that the address names. */
export type Gate = <P extends { id: string }>(least: TripRole) => RequestHandler<P>;

export function gateOf(trips: TripStore): Gate {
  return (least) => async (req, res, next) => {
    await trips.require(req.params.id, accountOf(res).id, least);
    next();
  };
}
