import { useState } from 'react';
import { useLimits } from '../shared/useLimits';
import { useTrip } from '../shared/tripContext';
import { useRecentFigures } from '../shared/usePlanFigures';
import { Box } from '../theme/chakra';

/** Says to who listens what was done or undone, and what the loads then come to. */
export function Announcer() {
  const { trip, undoLabel, redoLabel } = useTrip();
  const { trip: known, share } = useRecentFigures();
  const limits = useLimits();
  const [heard, setHeard] = useState({ undoLabel, redoLabel, said: '' });
  if (heard.undoLabel !== undoLabel || heard.redoLabel !== redoLabel) {
    const isUndone = redoLabel !== undefined && redoLabel !== heard.redoLabel;
    const said = isUndone ? `Undone: ${redoLabel}.` : undoLabel === undefined ? '' : `Done: ${undoLabel}.`;
    setHeard({ undoLabel, redoLabel, said });
  }
  // Figures are a moment behind the trip: until they are there, nothing is said of them.
  const isLoaded = heard.said !== '' && known.members.length > 0 && known.share === trip.share;
  return (
    <Box srOnly role="status">
      {heard.said}
      {isLoaded && ` Largest load: ${limits.measure(known.fairness, share.largestRatio)}.`}
    </Box>
  );
}
