import { adoptStow, type Stow, type Trip } from '@graft/core/trip';
import { useTrip } from '../shared/tripContext';
import { useRun, type RunHandle } from '../shared/useRun';
import { counted } from '../shared/words';
import { runStows } from '../workers/engine';
import { SEED } from './seed';

export interface PlanPacks {
  readonly run: RunHandle;
  readonly plan: (memberIds: readonly string[], label: string) => void;
}

/** Planning packs; goes on when the station is left. What was ready when it is stopped is kept. */
export function usePlanPacks(): PlanPacks {
  const { walked, change, session } = useTrip();
  const run = useRun('Planning packs', { outlives: true });
  const plan = async (memberIds: readonly string[], label: string): Promise<void> => {
    const began = session().trip;
    const stows: Stow[] = [];
    const outcome = await run.start((tell) =>
      runStows(walked, memberIds, SEED, (ready) => stows.push(ready), tell),
    );
    if (outcome.kind !== 'done' || stows.length === 0) return;
    // In the members' order, whichever was ready first.
    stows.sort((a, b) => memberIds.indexOf(a.memberId) - memberIds.indexOf(b.memberId));
    const adopt = (some: readonly Stow[]): void => change(label, (t) => some.reduce(adoptStow, t));
    const now = session().trip;
    const touched = stows.filter((s) => stowOf(now, s.memberId) !== stowOf(began, s.memberId));
    const untouched = stows.filter((s) => !touched.includes(s));
    if (untouched.length > 0) adopt(untouched);
    if (touched.length > 0)
      run.offer(
        `${counted(touched.length, 'planned pack')} ${touched.length === 1 ? 'was' : 'were'} changed by hand meanwhile (${names(now, touched)}): taking the plan replaces those changes.`,
        () => adopt(touched),
      );
  };
  return { run, plan: (memberIds, label) => void plan(memberIds, label) };
}

function stowOf(trip: Trip, memberId: string): Stow | undefined {
  return trip.stows.find((s) => s.memberId === memberId);
}

function names(trip: Trip, stows: readonly Stow[]): string {
  return stows
    .map((s) => trip.members.find((m) => m.id === s.memberId)?.name)
    .filter((name) => name !== undefined)
    .join(', ');
}
