import { ChakraProvider } from '@chakra-ui/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import { PreferencesProvider } from '../shared/preferences';
import { system } from '../theme/system';
import { TripsPage } from '../trips/TripsPage';
import { Lost } from './Lost';
import { TripShell } from './TripShell';

const queries = new QueryClient({
  defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false, staleTime: 0 } },
});

const router = createBrowserRouter([
  { path: '/', element: <Navigate to="/trips" replace /> },
  { path: '/trips', element: <TripsPage />, errorElement: <Lost /> },
  {
    path: '/trips/:tripId',
    element: <TripShell />,
    errorElement: <Lost />,
    children: [
      { index: true, element: <Navigate to="shares" replace /> },
      {
        path: 'people',
        lazy: () => import('../people/PeopleStation').then((m) => ({ Component: m.PeopleStation })),
      },
      { path: 'kit', lazy: () => import('../kit/KitStation').then((m) => ({ Component: m.KitStation })) },
      {
        path: 'shares',
        lazy: () => import('../shares/SharesStation').then((m) => ({ Component: m.SharesStation })),
      },
      {
        path: 'packs',
        lazy: () => import('../packs/PacksStation').then((m) => ({ Component: m.PacksStation })),
      },
    ],
  },
  { path: '*', element: <Lost /> },
]);

export function App() {
  return (
    <ChakraProvider value={system}>
      <QueryClientProvider client={queries}>
        <PreferencesProvider>
          <RouterProvider router={router} />
        </PreferencesProvider>
      </QueryClientProvider>
    </ChakraProvider>
  );
}
