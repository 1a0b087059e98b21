import { useDeferredValue, useMemo, useReducer, useState } from 'react';
import {
  assess,
  exact,
  keptFrom,
  loadingSteps,
  placeAt,
  shiftStep,
  stowOnDay,
  planningDay,
  stowProblem,
  type LoadingStep,
  type StowAssessment,
  type StowOnDay,
  type StowProblem,
} from '@graft/core/stow';
import {
  adoptStow,
  isMainZone,
  packOf,
  rideIn,
  type Member,
  type Pack,
  type Placement,
  type Side,
  type Thing,
  type Trip,
  type Zone,
} from '@graft/core/trip';
import { useTrip } from '../shared/tripContext';
import { useRun, type RunHandle } from '../shared/useRun';
import { runStows } from '../workers/engine';
import { loadedBy } from './loadedBy';
import { namesIn } from './namesIn';
import { OPENED, packSession, type Practice, type Tab, type View } from './packSession';
import type { PointCm } from './useDragOver';
import { SEED } from './seed';
import { boundsOf, type StowBounds } from './StowFigures';
import { zoneUnder } from './zoneUnder';

const NOTHING: readonly Placement[] = [];

/** A member's pack as it is open: what is shown, and what can be done to it. */
export interface PackSession {
  readonly walked: Trip;
  readonly member: Member;
  readonly pack: Pack;
  /** The day whose weights count, and the one the stow is planned for. */
  readonly day: number;
  readonly planned: number;
  readonly tab: Tab;
  readonly view: View;
  readonly chosenId: string | undefined;
  readonly previewing: boolean;
  readonly practice: Practice | undefined;
  /** The run that plans what a learner's stow is marked against. */
  readonly marking: RunHandle;
  readonly problem: StowProblem;
  /** As it is kept. */
  readonly kept: readonly Placement[];
  /** As it is on the day; `stow` is of what is shown, a thing in hand included. */
  readonly stored: readonly Placement[];
  readonly stow: StowAssessment;
  /** The same without a thing in hand: as it was before that was taken up. */
  readonly rested: StowAssessment;
  readonly bounds: StowBounds;
  readonly loading: readonly LoadingStep[];
  /** How many loading steps are shown, and the things they have put in. */
  readonly done: number;
  readonly loaded: ReadonlySet<string>;
  readonly mayChange: boolean;
  readonly setDay: (day: number) => void;
  readonly setTab: (tab: Tab) => void;
  readonly setView: (view: View) => void;
  readonly choose: (thingId: string | undefined) => void;
  readonly scrub: (done: number) => void;
  /** A whole stow of this member becomes the plan, or the learner's. */
  readonly put: (placements: readonly Placement[], label: string) => void;
  /** The same of a day that is not the open one. */
  readonly putOn: (on: StowOnDay, placements: readonly Placement[], label: string) => void;
  readonly place: (thing: Thing, zone: Zone, side: Side) => void;
  /** Put a thing into another of this pack. */
  readonly rideIn: (thing: Thing, holder: Thing) => void;
  readonly pin: (thing: Thing, pinned: boolean) => void;
  readonly drag: (thingId: string, at: PointCm, dropped: boolean) => void;
  readonly letGo: () => void;
  /** Load the things of a step earlier or later within their compartment; undefined where none comes before or after. */
  readonly shift: (step: LoadingStep, by: -1 | 1) => (() => void) | undefined;
  readonly startPractice: () => void;
  readonly endPractice: () => void;
  readonly otherMember: () => void;
}

export function usePackSession(member: Member): PackSession {
  const { walked, change, readOnly } = useTrip();
  const [state, dispatch] = useReducer(packSession, OPENED);
  const marking = useRun('Planning what practice is marked against');
  const planned = planningDay(walked, member.id);
  const day = Math.min(state.day ?? planned, walked.legs.length);
  const practice = state.practice?.memberId === member.id ? state.practice : undefined;
  const kept =
    practice === undefined
      ? (walked.stows.find((s) => s.memberId === member.id)?.placements ?? NOTHING)
      : practice.placements;
  const shown = useShownStow(walked, member.id, day, kept, state.preview, practice === undefined);
  const { problem, stow, loading, onDay } = shown;
  const stored = onDay.placements;
  const done = state.steps?.of === member.id ? Math.min(state.steps.done, loading.length) : loading.length;
  const pack = packOf(walked, member);

  const put = (placements: readonly Placement[], label: string): void => {
    if (practice !== undefined) dispatch({ type: 'practised', placements });
    else putOn(onDay, placements, label);
  };
  const putOn = (on: StowOnDay, placements: readonly Placement[], label: string): void =>
    change(label, (t) => adoptStow(t, { memberId: member.id, placements: keptFrom(kept, on, placements) }));
  const isPinned = practice === undefined;
  const drag = (thingId: string, at: PointCm, dropped: boolean): void => {
    const zone = zoneUnder(problem, at);
    const placements =
      zone === undefined ? undefined : placedAt(problem, stored, thingId, zone, at, isPinned);
    if (zone === undefined || placements === undefined || !dropped) {
      dispatch({ type: 'preview', placements });
      return;
    }
    dispatch({ type: 'preview', placements: undefined });
    put(placements, `put ${namesIn(stow)(thingId)} in ${zone.name}`);
  };
  const startPractice = async (): Promise<void> => {
    dispatch({ type: 'practise', memberId: member.id });
    const unpinned: Trip = { ...walked, stows: walked.stows.filter((s) => s.memberId !== member.id) };
    await marking.start((tell) =>
      runStows(unpinned, [member.id], SEED, ({ placements }) => dispatch({ type: 'best', placements }), tell),
    );
  };
  return {
    walked,
    member,
    pack,
    day,
    planned,
    tab: state.tab,
    view: state.view,
    chosenId: state.chosenId,
    previewing: state.preview !== undefined,
    practice,
    marking,
    ...shown,
    stored,
    done,
    loaded: loadedBy(stow, loading, done),
    mayChange: practice !== undefined || !readOnly,
    setDay: (next) => dispatch({ type: 'day', day: next }),
    setView: (view) => dispatch({ type: 'view', view }),
    setTab: (tab) => dispatch({ type: 'tab', tab }),
    choose: (thingId) => dispatch({ type: 'choose', thingId }),
    scrub: (count) =>
      dispatch({ type: 'scrub', of: member.id, done: count, thingId: loading[count - 1]?.thingIds[0] }),
    kept,
    put,
    putOn,
    place: (thing, zone, side) => {
      const target = { zoneId: zone.id, side, pinned: isPinned };
      const label = `put ${thing.name} in ${zone.name}`;
      if (practice !== undefined || !problem.inside.has(thing.id)) {
        put(placeAt(problem, stored, thing.id, target), label);
        return;
      }
      // It is taken out of what it rides in.
      change(label, (t) => {
        const next = rideIn(t, thing.id, undefined);
        const placements = placeAt(stowProblem(next, member.id, day), stored, thing.id, target);
        return adoptStow(next, { memberId: member.id, placements: keptFrom(kept, onDay, placements) });
      });
    },
    rideIn: (thing, holder) =>
      change(`put ${thing.name} in ${holder.name}`, (t) => rideIn(t, thing.id, holder.id)),
    pin: (thing, pinned) =>
      put(
        exact(problem, stored).map((p) => (p.thingId === thing.id ? { ...p, pinned } : p)),
        `${pinned ? 'pin' : 'unpin'} ${thing.name}`,
      ),
    drag,
    letGo: () => dispatch({ type: 'preview', placements: undefined }),
    shift: (step, by) => {
      const shifted = (list: readonly Placement[]) => shiftStep(stow, list, loading, step, by);
      if (shifted(stored) === undefined) return undefined;
      const called = step.thingIds.map(namesIn(stow)).join(', ');
      // Where all lies just now is worked out when it is asked for: that loads the pack.
      return () => put(shifted(exact(problem, stored))!, `load ${called} ${by < 0 ? 'earlier' : 'later'}`);
    },
    startPractice: () => void startPractice(),
    endPractice: () => {
      marking.drop();
      dispatch({ type: 'endPractice' });
    },
    otherMember: () => dispatch({ type: 'otherMember' }),
  };
}

/** The stow that is shown, with its bounds and loading steps. */
function useShownStow(
  walked: Trip,
  memberId: string,
  day: number,
  kept: readonly Placement[],
  preview: readonly Placement[] | undefined,
  isFetchedUp: boolean,
): Pick<PackSession, 'problem' | 'stow' | 'rested' | 'bounds' | 'loading'> & { readonly onDay: StowOnDay } {
  const problem = useMemo(() => stowProblem(walked, memberId, day), [walked, memberId, day]);
  const onDay = useMemo(
    () => (isFetchedUp ? stowOnDay(problem, kept) : { placements: kept, moves: [] }),
    [problem, kept, isFetchedUp],
  );
  const placements = preview ?? onDay.placements;
  const shown = useMemo(() => ({ problem, stow: assess(problem, placements) }), [problem, placements]);
  // Bounds take longer than a frame: while a thing is dragged those of where it came from stay.
  const [rested, setRested] = useState(shown);
  if (preview === undefined && rested !== shown) setRested(shown);
  const settled = useDeferredValue(rested);
  const bounds = useMemo(() => boundsOf(settled), [settled]);
  const loading = useMemo(() => loadingSteps(shown.problem, shown.stow), [shown]);
  return { ...shown, rested: rested.stow, bounds, loading, onDay };
}

/** A stow with one thing let go at a point of a zone: just there in a main compartment, anywhere in a pocket. */
function placedAt(
  problem: StowProblem,
  stored: readonly Placement[],
  thingId: string,
  zone: Zone,
  at: PointCm,
  pinned: boolean,
): readonly Placement[] {
  const old = exact(problem, stored).find((p) => p.thingId === thingId)?.spot;
  return placeAt(problem, stored, thingId, {
    zoneId: zone.id,
    side: 'centre',
    ...(isMainZone(zone.kind)
      ? { xCm: at.x, yCm: at.y, zCm: at.z, ...(old === undefined ? {} : { turn: old.turn }) }
      : {}),
    pinned,
  });
}
