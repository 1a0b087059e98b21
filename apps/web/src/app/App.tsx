import { ChakraProvider } from '@chakra-ui/react/styled-system';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { lazy, Suspense, type ComponentType, type LazyExoticComponent } from 'react';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router';
import { Gate } from '../account/Gate';
import { AccountProvider } from '../shared/AccountProvider';
import { PreferencesProvider } from '../shared/preferences';
import { WhyProvider } from '../shared/Why';
import { system } from '../theme/system';
import { Lost, WhereItBroke } from './Lost';

const queries = new QueryClient({
  defaultOptions: {
    // Without a network what this device keeps answers.
    queries: { retry: 1, refetchOnWindowFocus: false, staleTime: 0, networkMode: 'always' },
    mutations: { networkMode: 'always' },
  },
});

type Load = () => Promise<Readonly<Record<string, unknown>>>;

/** A part of the program that is loaded when it is opened. @param name the component's, among what the file exports */
function part(load: Load, name: string): LazyExoticComponent<ComponentType> {
  return lazy(() => load().then((module) => ({ default: module[name] as ComponentType })));
}

const shell: Load = () => import('./TripShell');
const mailLinks: Load = () => import('../account/MailLinkPage');
const TripsPage = part(() => import('../trips/TripsPage'), 'TripsPage');
const AccountPage = part(() => import('../account/AccountPage'), 'AccountPage');
const LibraryPage = part(() => import('../library/LibraryPage'), 'LibraryPage');
const InvitationPage = part(() => import('../account/InvitationPage'), 'InvitationPage');
const ConfirmPage = part(mailLinks, 'ConfirmPage');
const ResetPage = part(mailLinks, 'ResetPage');
const TripShell = part(shell, 'TripShell');
/** The stations of a trip, and what is printed of them, by their addresses. */
const STATIONS: Readonly<Record<string, readonly [load: Load, name: string]>> = {
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
const STATION_PARTS = Object.entries(STATIONS).map(
  ([path, [load, name]]) => [path, part(load, name)] as const,
);

/** A trip that is opened by its address comes in one go, not one part after another. */
function loadAhead(): void {
  const [, trips, id, ...station] = window.location.pathname.split('/');
  if (trips !== 'trips' || id === undefined) return;
  const ahead = [shell, STATIONS[station.join('/')]?.[0]];
  // What cannot be loaded is asked for again when it is drawn, and told then.
  for (const load of ahead) load?.().catch(() => undefined);
}
loadAhead();

export function App() {
  return (
    <ChakraProvider value={system}>
      <QueryClientProvider client={queries}>
        <PreferencesProvider>
          <AccountProvider>
            <WhyProvider>
              <BrowserRouter>
                <WhereItBroke>
                  {/* While the part that was asked for is on its way: a page is empty for a moment, not half drawn. */}
                  <Suspense fallback={null}>
                    <Pages />
                  </Suspense>
                </WhereItBroke>
              </BrowserRouter>
            </WhyProvider>
          </AccountProvider>
        </PreferencesProvider>
      </QueryClientProvider>
    </ChakraProvider>
  );
}

function Pages() {
  return (
    <Routes>
      <Route element={<Gate />}>
        <Route path="/" element={<Navigate to="/trips" replace />} />
        <Route path="/trips" element={<TripsPage />} />
        <Route path="/account" element={<AccountPage />} />
        <Route path="/library" element={<LibraryPage />} />
        <Route path="/invitations/:token" element={<InvitationPage />} />
        <Route path="/trips/:tripId" element={<TripShell />}>
          {STATION_PARTS.map(([path, Station]) => (
            <Route key={path} path={path} element={<Station />} />
          ))}
        </Route>
      </Route>
      <Route path="/confirm" element={<ConfirmPage />} />
      <Route path="/reset" element={<ResetPage />} />
      <Route path="*" element={<Lost />} />
    </Routes>
  );
}
