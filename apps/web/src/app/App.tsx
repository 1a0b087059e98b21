import { ChakraProvider } from '@chakra-ui/react/styled-system';
import { QueryClientProvider } from '@tanstack/react-query';
import { Suspense, type ComponentType } from 'react';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router';
import { Gate } from '../account/Gate';
import { AccountProvider } from '../shared/AccountProvider';
import { part } from '../shared/part';
import { PreferencesProvider } from '../shared/preferences';
import { queries } from '../shared/queries';
import type { Load } from '../shared/there';
import { WhyProvider } from '../shared/Why';
import { system } from '../theme/system';
import { Lost, WhereItBroke } from './Lost';
import { TripsPage } from '../trips/TripsPage';
import { shell, STATIONS } from './stations';

const mailLinks = () => import('../account/MailLinkPage');
const AccountPage = part(() => import('../account/AccountPage'), 'AccountPage');
const LibraryPage = part(() => import('../library/LibraryPage'), 'LibraryPage');
const InvitationPage = part(() => import('../account/InvitationPage'), 'InvitationPage');
const ConfirmPage = part(mailLinks, 'ConfirmPage');
const ResetPage = part(mailLinks, 'ResetPage');
const TripShell = part(shell, 'TripShell');
const STATION_PARTS = Object.entries(STATIONS).map(
  ([path, [load, name]]) => [path, part(load as Load<ComponentType>, name)] as const,
);

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
