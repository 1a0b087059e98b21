import { useEffect, useMemo } from 'react';
import type { SheetProgress } from '@graft/core/api';
import { cookGroups, foodMass, isShortOfFuel } from '@graft/core/larder';
import { dayLengths } from '@graft/core/route';
import { waitingReports } from '@graft/core/sheet';
import { isOverloaded, type ShareFigures } from '@graft/core/share';
import { allPieces, isNoPack, packOf, type FairnessSchoolId, type Trip } from '@graft/core/trip';
import { formatMass, massDigits, type MassUnit } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { useTripCommands } from '../shared/tripContext';
import { useSheets } from '../shared/useSheets';
import { useUnsent } from '../shared/useUnsent';
import { useSuggestions } from '../shared/useSuggestions';
import { usePackFigures } from '../shared/usePackFigures';
import { useRecentFigures } from '../shared/usePlanFigures';
import { counted } from '../shared/words';
import { useLimits } from '../shared/useLimits';
import { useQuantities } from '../shared/useInUnits';
import type { Station } from './station';

/** Works out the figure of each station, and tells it; there is nothing to see of it. */
export default function StationFigures({ onTold }: { onTold: (stations: readonly Station[]) => void }) {
  const { massUnit } = usePreferences();
  const { trip, share: figures } = useRecentFigures();
  const packs = usePackFigures(trip);
  const { id } = useTripCommands();
  const { data: sheets } = useSheets(id);
  const { concerned: toSend } = useUnsent();
  const { list } = useSuggestions(trip);
  const suggested = list.length;
  // What members will not carry, or have trouble with.
  const waiting = useMemo(
    () => waitingReports(trip, sheets?.marks ?? {}).filter((r) => r.kind !== 'weight').length,
    [trip, sheets],
  );
  const longDays = useMemo(() => dayLengths(trip).filter((d) => d.problems.length > 0), [trip]);
  const { hidden } = useLimits();
  const { show } = useQuantities();
  const stations = useMemo((): readonly Station[] => {
    const limits = figures.members.map((m) => m.heaviest.limitKg);
    const pieces = allPieces(trip);
    const kitKg = pieces.reduce((sum, p) => sum + p.massKg, 0);
    const onBacks = packs.filter((_p, i) => !isNoPack(packOf(trip, trip.members[i]!)));
    const done = onBacks.filter((p) => p.done).length;
    const wayKm = trip.legs.reduce((sum, leg) => sum + leg.distanceKm, 0);
    const tooLong = longDays.length;
    const food = foodMass(trip);
    const shortOfFuel = cookGroups(trip).filter((g) => isShortOfFuel(trip, g)).length;
    return [
      {
        path: 'brief',
        name: 'Trip',
        figure:
          tooLong > 0
            ? `${counted(tooLong, 'day')} too long`
            : `${counted(trip.legs.length, 'day')}, ${wayKm === 0 ? 'way not said' : show(wayKm, 'distance', 0)}`,
        alarm: tooLong > 0,
      },
      {
        path: 'people',
        name: 'People',
        figure:
          limits.length === 0
            ? 'nobody yet'
            : hidden
              ? counted(limits.length, 'member')
              : `${limits.length}, limits ${massRange(Math.min(...limits), Math.max(...limits), massUnit)}`,
        alarm: false,
      },
      {
        path: 'kit',
        name: 'Kit',
        figure:
          pieces.length === 0
            ? 'nothing yet'
            : `${counted(pieces.length, 'piece')}, ${formatMass(kitKg, massUnit)}`,
        alarm: false,
      },
      {
        path: 'larder',
        name: 'Food',
        figure:
          food.verdict === 'none' ? 'no meals yet' : `${formatMass(food.fullDayKg, massUnit)} a day each`,
        alarm: shortOfFuel > 0,
      },
      {
        path: 'shares',
        name: 'Shares',
        figure:
          limits.length === 0 || pieces.length === 0
            ? 'nothing to share'
            : figures.unshared.length > 0
              ? `${figures.unshared.length} unshared`
              : hidden && trip.fairness !== 'plainKg'
                ? 'shared'
                : shareRange(trip.fairness, figures, massUnit),
        alarm: figures.members.some(isOverloaded),
      },
      {
        path: 'packs',
        name: 'Packs',
        figure: onBacks.length === 0 ? 'none yet' : `${done} of ${onBacks.length} stowed`,
        alarm: false,
      },
      {
        path: 'sheets',
        name: 'Sheets',
        figure:
          waiting > 0
            ? `${waiting} for you`
            : toSend > 0
              ? `${toSend} not sent`
              : sheetsFigure(sheets, trip.members.length),
        alarm: waiting > 0,
      },
      { path: 'trail', name: 'Trail', figure: trailFigure(trip), alarm: false },
      { path: 'debrief', name: 'Debrief', figure: debriefFigure(trip, suggested), alarm: false },
    ];
  }, [figures, packs, sheets, waiting, toSend, trip, massUnit, longDays, suggested, hidden, show]);
  useEffect(() => onTold(stations), [onTold, stations]);
  return null;
}

/** Whose sheets were opened; "…" until that is known. */
function sheetsFigure(sheets: SheetProgress | undefined, members: number): string {
  if (sheets === undefined) return '…';
  if (sheets.links.length === 0) return 'no links yet';
  const opened = sheets.links.filter((l) => l.openedAt !== undefined).length;
  return `${opened} of ${members} opened`;
}

/** How far the trip is: planned, weighed, on its way. */
function trailFigure(trip: Trip): string {
  if (trip.events.length > 0) return counted(trip.events.length, 'event');
  if (trip.departure !== undefined) return `left ${trip.departure.at.slice(11)}`;
  return trip.weighIns.length === 0 ? 'not left yet' : `${trip.weighIns.length} weighed`;
}

function debriefFigure(trip: Trip, suggested: number): string {
  if (trip.debriefedOn !== undefined) return 'closed';
  if (trip.uses.length > 0) return `${counted(trip.uses.length, 'thing')} said`;
  return suggested === 0 ? 'not yet' : counted(suggested, 'suggestion');
}

/** "71–73 % of limits", or what the trip's school of fairness measures by. */
function shareRange(fairness: FairnessSchoolId, figures: ShareFigures, unit: MassUnit): string {
  if (fairness === 'plainKg') return massRange(figures.smallestRatio, figures.largestRatio, unit);
  const [a, b] = [Math.round(figures.smallestRatio * 100), Math.round(figures.largestRatio * 100)];
  return `${a === b ? `${b} %` : `${a}–${b} %`} of ${fairness === 'ownLimit' ? 'limits' : 'body weight'}`;
}

/** "11.8–23.1 kg", or "14.0 kg" when both read the same. */
function massRange(low: number, high: number, unit: MassUnit): string {
  const from = massDigits(low, unit);
  return from === massDigits(high, unit) ? formatMass(high, unit) : `${from}–${formatMass(high, unit)}`;
}
