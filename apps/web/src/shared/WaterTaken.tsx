import { waterTaken } from '@graft/core/debrief';
import { useTrip } from './tripContext';
import { useQuantities } from './useInUnits';

/** Water taken on each day against what was planned, litres each. */
export function WaterTaken() {
  const { trip } = useTrip();
  const { digits, unit } = useQuantities();
  const litres = (l: number): string => digits(l, 'liquid');
  return (
    <table className="plain-table" style={{ width: '100%' }} aria-label="Water taken, against the plan">
      <thead>
        <tr>
          <th>Day</th>
          <th data-end>Plan, {unit('liquid')} each</th>
          <th data-end>Taken, {unit('liquid')} each</th>
          <th data-end>Difference</th>
        </tr>
      </thead>
      <tbody>
        {waterTaken(trip).map((w) => (
          <tr key={w.day}>
            <td>
              {w.day} <span className="muted">{trip.legs[w.day - 1]?.name}</span>
            </td>
            <td data-end>{litres(w.plannedL)}</td>
            <td data-end>{w.takenL === undefined ? '–' : litres(w.takenL)}</td>
            <td data-end>
              {w.takenL === undefined
                ? '–'
                : `${w.takenL >= w.plannedL ? '+' : '−'}${litres(Math.abs(w.takenL - w.plannedL))}`}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
