import { parseTripFile } from '@graft/core/formats';
import { shareProblem, solveShare } from '@graft/core/share';
import { planStow } from '@graft/core/stow';
import { adoptStow, replaceShare, type Trip } from '@graft/core/trip';
import { demoText } from './support';

/** The census with its pieces shared and every pack stowed, as after Shares and Packs. */
export function plannedCensus(): Trip {
  const trip = parseTripFile(demoText('corvane-census'));
  const shared = solveShare(shareProblem(trip), { seed: 1, levelGive: 0.01, iterations: 60_000 });
  if (shared.kind !== 'solved') throw new Error('the demo cannot be shared');
  const start = replaceShare(trip, shared.share);
  return start.members.reduce<Trip>(
    (t, m) => adoptStow(t, planStow(t, m.id, { seed: 1, iterations: 2500 }).stow),
    start,
  );
}
