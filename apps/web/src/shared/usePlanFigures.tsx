import { createContext, useContext, useDeferredValue, useMemo, type ReactNode } from 'react';
import {
  assessStow,
  planningDay,
  shareFigures,
  thingsInPack,
  tripBound,
  type Member,
  type ShareFigures,
  type StowAssessment,
  type TripBound,
  type Trip,
} from '@graft/core';
import { useTrip } from './TripProvider';

interface PlanFigures {
  readonly trip: Trip;
  readonly share: ShareFigures;
  readonly bound: TripBound;
}
const PlanFiguresContext = createContext<PlanFigures | undefined>(undefined);

function usePlanContext(): PlanFigures {
  const figures = useContext(PlanFiguresContext);
  if (figures === undefined) throw new Error('plan figures are used outside of their provider');
  return figures;
}

/**
 * The open trip's share figures, computed once for the line of stations and the station that is open; a moment behind
 * the trip while it is edited, so that typing never waits for them.
 */
export function PlanFiguresProvider({ children }: { children: ReactNode }) {
  const { walked: newest } = useTrip();
  return <BoundOf trip={useDeferredValue(newest)}>{children}</BoundOf>;
}

/** The bound first, the figures in a part of their own: between two parts the page can answer. */
function BoundOf({ trip, children }: { trip: Trip; children: ReactNode }) {
  const {
    legs,
    members,
    packs,
    kits,
    personalThings,
    carrierRules,
    groups,
    share,
    houseRules,
    limitPolicy,
    fairness,
  } = trip;
  const locks = share
    .filter((a) => a.locked)
    .map((a) => `${a.pieceId} ${a.memberId}`)
    .join();
  // The bound does not depend on who carries what, only on what there is and what is locked.
  const bound = useMemo(
    () => tripBound(trip),
    // The whole trip changes with every move; these parts are all that the bound looks at.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [
      legs,
      members,
      packs,
      kits,
      personalThings,
      carrierRules,
      groups,
      locks,
      houseRules,
      limitPolicy,
      fairness,
    ],
  );
  return (
    <FiguresOf trip={trip} bound={bound}>
      {children}
    </FiguresOf>
  );
}

function FiguresOf({ trip, bound, children }: { trip: Trip; bound: TripBound; children: ReactNode }) {
  const figures = useMemo(() => ({ trip, bound, share: shareFigures(trip, bound) }), [trip, bound]);
  return <PlanFiguresContext value={figures}>{children}</PlanFiguresContext>;
}

/** Figures of the trip as it was a moment ago, and that trip. */
export function useRecentFigures(): { readonly trip: Trip; readonly share: ShareFigures } {
  return usePlanContext();
}

/** Share figures of just this trip: the open one, or a variant of it that has the same pieces and people. */
export function useShareFigures(trip: Trip): ShareFigures {
  const plan = usePlanContext();
  return useMemo(() => (trip === plan.trip ? plan.share : shareFigures(trip, plan.bound)), [trip, plan]);
}

export interface PackFigures {
  readonly memberId: string;
  readonly stow: StowAssessment;
  /** Everything has a place and nothing is wrong. */
  readonly done: boolean;
}

/** What a member's pack figures hang on; as long as all of it is the same, so are they. */
function partsOf(trip: Trip, member: Member): readonly unknown[] {
  return [
    trip.legs,
    trip.houseRules,
    trip.packingSchool,
    trip.limitPolicy,
    trip.packs.find((p) => p.id === member.packId),
    trip.stows.find((s) => s.memberId === member.id),
    ...thingsInPack(trip, member.id, planningDay(trip, member.id)),
  ];
}
const known = new WeakMap<Member, { readonly parts: readonly unknown[]; readonly figures: PackFigures }>();

/** A member's stow on the day it is planned for; made anew only when something of theirs has changed. */
function packFigures(trip: Trip, member: Member): PackFigures {
  const parts = partsOf(trip, member);
  const before = known.get(member);
  if (before?.parts.length === parts.length && before.parts.every((part, i) => part === parts[i]))
    return before.figures;
  const stow = assessStow(trip, member.id, planningDay(trip, member.id));
  const wrong = stow.findings.some((f) => f.severity === 'fit' || f.severity === 'safety');
  const figures = { memberId: member.id, stow, done: stow.placed.length > 0 && !wrong };
  known.set(member, { parts, figures });
  return figures;
}

/** Every member's stow. */
export function usePackFigures(trip: Trip): readonly PackFigures[] {
  return useMemo(() => trip.members.map((member) => packFigures(trip, member)), [trip]);
}
