import { ChakraProvider } from '@chakra-ui/react/styled-system';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import { AccountPage } from '../account/AccountPage';
import { Gate } from '../account/Gate';
import { InvitationPage } from '../account/InvitationPage';
import { ConfirmPage, ResetPage } from '../account/MailLinkPage';
import { AccountProvider } from '../shared/AccountProvider';
import { PreferencesProvider } from '../shared/preferences';
import { WhyProvider } from '../shared/Why';
import { system } from '../theme/system';
import { TripsPage } from '../trips/TripsPage';
import { Lost } from './Lost';
import { FirstStation, TripShell } from './TripShell';

const queries = new QueryClient({
  defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false, staleTime: 0 } },
});

const router = createBrowserRouter([
  {
    element: <Gate />,
    errorElement: <Lost />,
    // While the part that was asked for is on its way: a page is empty for a moment, not half drawn.
    hydrateFallbackElement: <></>,
    children: [
      { path: '/', element: <Navigate to="/trips" replace /> },
      { path: '/trips', element: <TripsPage /> },
      { path: '/account', element: <AccountPage /> },
      {
        path: '/library',
        lazy: () => import('../library/LibraryPage').then((m) => ({ Component: m.LibraryPage })),
      },
      { path: '/invitations/:token', element: <InvitationPage /> },
      {
        path: '/trips/:tripId',
        element: <TripShell />,
        errorElement: <Lost />,
        children: [
          { index: true, element: <FirstStation /> },
          { path: 'start', lazy: () => import('./StartPage').then((m) => ({ Component: m.StartPage })) },
          {
            path: 'brief',
            lazy: () => import('../brief/BriefStation').then((m) => ({ Component: m.BriefStation })),
          },
          {
            path: 'people',
            lazy: () => import('../people/PeopleStation').then((m) => ({ Component: m.PeopleStation })),
          },
          {
            path: 'larder',
            lazy: () => import('../larder/LarderStation').then((m) => ({ Component: m.LarderStation })),
          },
          { path: 'kit', lazy: () => import('../kit/KitStation').then((m) => ({ Component: m.KitStation })) },
          {
            path: 'shares',
            lazy: () => import('../shares/SharesStation').then((m) => ({ Component: m.SharesStation })),
          },
          {
            path: 'sheets',
            lazy: () => import('../sheets/SheetsStation').then((m) => ({ Component: m.SheetsStation })),
          },
          {
            path: 'sheets/print',
            lazy: () => import('../sheets/PrintSheets').then((m) => ({ Component: m.PrintSheets })),
          },
          {
            path: 'trail',
            lazy: () => import('../trail/TrailStation').then((m) => ({ Component: m.TrailStation })),
          },
          {
            path: 'trail/print',
            lazy: () => import('../trail/PrintTrail').then((m) => ({ Component: m.PrintTrail })),
          },
          {
            path: 'debrief',
            lazy: () => import('../debrief/DebriefStation').then((m) => ({ Component: m.DebriefStation })),
          },
          {
            path: 'packs',
            lazy: () => import('../packs/PacksStation').then((m) => ({ Component: m.PacksStation })),
          },
        ],
      },
    ],
  },
  { path: '/confirm', element: <ConfirmPage />, errorElement: <Lost /> },
  { path: '/reset', element: <ResetPage />, errorElement: <Lost /> },
  { path: '*', element: <Lost /> },
]);

export function App() {
  return (
    <ChakraProvider value={system}>
      <QueryClientProvider client={queries}>
        <PreferencesProvider>
          <AccountProvider>
            <WhyProvider>
              <RouterProvider router={router} />
            </WhyProvider>
          </AccountProvider>
        </PreferencesProvider>
      </QueryClientProvider>
    </ChakraProvider>
  );
}
