import { waterTaken } from '@graft/core/debrief';
import { useTrip } from './TripProvider';

/** Water taken on each day against what was planned, litres each. */
export function WaterTaken() {
  const { trip } = useTrip();
  return (
    <table className="plain-table" style={{ width: '100%' }} aria-label="Water taken, against the plan">
      <thead>
        <tr>
          <th>Day</th>
          <th data-end>Plan, L each</th>
          <th data-end>Taken, L each</th>
          <th data-end>Difference</th>
        </tr>
      </thead>
      <tbody>
        {waterTaken(trip).map((w) => (
          <tr key={w.day}>
            <td>
              {w.day} <span className="muted">{trip.legs[w.day - 1]?.name}</span>
            </td>
            <td data-end>{w.plannedL.toFixed(1)}</td>
            <td data-end>{w.takenL === undefined ? '–' : w.takenL.toFixed(1)}</td>
            <td data-end>{w.takenL === undefined ? '–' : signed(w.takenL - w.plannedL)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const signed = (litres: number): string => `${litres >= 0 ? '+' : '−'}${Math.abs(litres).toFixed(1)}`;
