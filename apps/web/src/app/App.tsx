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

/** A part of the program that is loaded when it is opened. */
function part<K extends string>(
  load: () => Promise<Record<K, ComponentType>>,
  name: K,
): LazyExoticComponent<ComponentType> {
  return lazy(() => load().then((module) => ({ default: module[name] })));
}

const shell = () => import('./TripShell');
const mailLinks = () => import('../account/MailLinkPage');
const TripsPage = part(() => import('../trips/TripsPage'), 'TripsPage');
const AccountPage = part(() => import('../account/AccountPage'), 'AccountPage');
const LibraryPage = part(() => import('../library/LibraryPage'), 'LibraryPage');
const InvitationPage = part(() => import('../account/InvitationPage'), 'InvitationPage');
const ConfirmPage = part(mailLinks, 'ConfirmPage');
const ResetPage = part(mailLinks, 'ResetPage');
const TripShell = part(shell, 'TripShell');
const FirstStation = part(shell, 'FirstStation');
/** The stations of a trip, and what is printed of them, by their addresses. */
const STATIONS: Readonly<Record<string, ComponentType>> = {
  start: part(() => import('./StartPage'), 'StartPage'),
  brief: part(() => import('../brief/BriefStation'), 'BriefStation'),
  people: part(() => import('../people/PeopleStation'), 'PeopleStation'),
  kit: part(() => import('../kit/KitStation'), 'KitStation'),
  larder: part(() => import('../larder/LarderStation'), 'LarderStation'),
  shares: part(() => import('../shares/SharesStation'), 'SharesStation'),
  packs: part(() => import('../packs/PacksStation'), 'PacksStation'),
  sheets: part(() => import('../sheets/SheetsStation'), 'SheetsStation'),
  'sheets/print': part(() => import('../sheets/PrintSheets'), 'PrintSheets'),
  trail: part(() => import('../trail/TrailStation'), 'TrailStation'),
  'trail/print': part(() => import('../trail/PrintTrail'), 'PrintTrail'),
  debrief: part(() => import('../debrief/DebriefStation'), 'DebriefStation'),
};

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
          <Route index element={<FirstStation />} />
          {Object.entries(STATIONS).map(([path, Station]) => (
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
