/** What a trip's addresses open, and loading it ahead. Stands on nothing: it runs before the program itself is there. */

import { fetchAhead, type Load } from '../shared/there';

export const tripsPage = () => import('../trips/TripsPage');
export const shell = () => import('./TripShell');
/** The stations of a trip, and what is printed of them, by their addresses. */
export const STATIONS: Readonly<Record<string, readonly [load: Load, name: string]>> = {
  start: [() => import('./StartPage'), 'StartPage'],
  brief: [() => import('../brief/BriefStation'), 'BriefStation'],
  people: [() => import('../people/PeopleStation'), 'PeopleStation'],
  kit: [() => import('../kit/KitStation'), 'KitStation'],
  larder: [() => import('../larder/LarderStation'), 'LarderStation'],
  shares: [() => import('../shares/SharesStation'), 'SharesStation'],
  packs: [() => import('../packs/PacksStation'), 'PacksStation'],
  sheets: [() => import('../sheets/SheetsStation'), 'SheetsStation'],
  'sheets/print': [() => import('../sheets/PrintSheets'), 'PrintSheets'],
  trail: [() => import('../trail/TrailStation'), 'TrailStation'],
  'trail/print': [() => import('../trail/PrintTrail'), 'PrintTrail'],
  debrief: [() => import('../debrief/DebriefStation'), 'DebriefStation'],
};

/** What the page's address asks for comes in one go, with the program, not one part after another. */
export function loadAhead({ pathname, search }: Pick<Location, 'pathname' | 'search'>): void {
  const [, trips, id, ...rest] = pathname.split('/');
  const station = rest.join('/');
  const ahead: (readonly [Load, string])[] = [];
  if (trips === '' || (trips === 'trips' && id === undefined)) ahead.push([tripsPage, 'TripsPage']);
  if (trips === 'trips' && id !== undefined) ahead.push([shell, 'TripShell']);
  if (trips === 'trips' && STATIONS[station] !== undefined) ahead.push(STATIONS[station]);
  const view = new URLSearchParams(search).get('view');
  // While a trip is walked that is where the trail opens.
  if (station === 'trail' && (view === null || view === 'today'))
    ahead.push([(): ReturnType<Load> => import('../trail/TodayView'), 'TodayView']);
  // What cannot be loaded is asked for again when it is drawn, and told then.
  for (const [load, name] of ahead) fetchAhead(load, name).catch(() => undefined);
}
