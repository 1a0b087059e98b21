/** What a trip's addresses open, and loading it ahead. Stands on nothing: it runs before the program itself is there. */

import { ACCOUNT_KEY, askAhead } from '../shared/asked';
import { fetchAhead, hold, type Load } from '../shared/there';

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

/**
 * What the page's address asks for comes in one go, with the program, not one part after another: the parts of the
 * program and the data.
 */
export function loadAhead({ pathname, search }: Pick<Location, 'pathname' | 'search'>): void {
  const [, trips, id, ...rest] = pathname.split('/');
  const station = rest.join('/');
  const ahead: (readonly [Load, string])[] = [];
  const isList = trips === '' || (trips === 'trips' && id === undefined);
  const isTrip = trips === 'trips' && id !== undefined;
  if (isTrip) ahead.push([shell, 'TripShell']);
  if (isList || isTrip) askForData(isTrip ? id : undefined);
  if (isTrip) hold(shell().then(({ openAhead }) => openAhead(id)));
  if (trips === 'trips' && STATIONS[station] !== undefined) ahead.push(STATIONS[station]);
  const view = new URLSearchParams(search).get('view');
  // While a trip is walked that is where the trail opens.
  if (station === 'trail' && (view === null || view === 'today'))
    ahead.push([(): ReturnType<Load> => import('../trail/TodayView'), 'TodayView']);
  // What cannot be loaded is asked for again when it is drawn, and told then.
  for (const [load, name] of ahead) hold(fetchAhead(load, name));
}

/** Asks for what the page shows. @param tripId of the trip that it is about; the list of all when absent */
function askForData(tripId: string | undefined): void {
  const data = tripId === undefined ? '/trips' : `/trips/${encodeURIComponent(tripId)}`;
  const account = askAhead('/account');
  // Who was here last probably still is. Strangers are not asked for what they may not see.
  if (localStorage.getItem(ACCOUNT_KEY) !== null) void askAhead(data);
  else
    account
      .then((answer) => answer.clone().json())
      .then(({ account: who }: { account?: unknown }) => {
        if (who !== null && who !== undefined) void askAhead(data);
      })
      .catch(() => undefined);
}
