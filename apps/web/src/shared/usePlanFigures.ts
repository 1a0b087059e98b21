import { useMemo } from 'react';
import {
  assessStow,
  planningDay,
  shareFigures,
  tripBound,
  type ShareFigures,
  type StowAssessment,
  type Trip,
} from '@graft/core';
import { useTrip } from './TripProvider';

/** The bound does not depend on who carries what, only on what there is and what is locked. */
export function useShareFigures(trip: Trip): ShareFigures {
  const { trip: current } = useTrip();
  const { legs, members, packs, kits, personalThings, carrierRules, groups, share } = current;
  const locks = share
    .filter((a) => a.locked)
    .map((a) => `${a.pieceId} ${a.memberId}`)
    .join();
  const bound = useMemo(
    () => tripBound(current),
    // The whole trip changes with every move; these parts are all that the bound looks at.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [legs, members, packs, kits, personalThings, carrierRules, groups, locks],
  );
  return useMemo(() => shareFigures(trip, bound), [trip, bound]);
}

export interface PackFigures {
  readonly memberId: string;
  readonly stow: StowAssessment;
  /** Everything has a place and nothing is wrong. */
  readonly done: boolean;
}

/** Every member's stow on the day it is planned for. */
export function usePackFigures(trip: Trip): readonly PackFigures[] {
  return useMemo(
    () =>
      trip.members.map((member) => {
        const stow = assessStow(trip, member.id, planningDay(trip, member.id));
        const wrong = stow.findings.some(
          (f) => f.kind === 'unplaced' || f.kind === 'fit' || f.kind === 'safety',
        );
        return { memberId: member.id, stow, done: stow.placed.length > 0 && !wrong };
      }),
    [trip],
  );
}
