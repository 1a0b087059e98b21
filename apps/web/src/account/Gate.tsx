import { lazy, Suspense } from 'react';
import { Box, Text } from '../theme/chakra';
import { Outlet } from 'react-router';
import { NewVersion } from '../device/NewVersion';
import { useSending } from '../device/useSending';
import { useAccountSession } from '../shared/AccountProvider';
import { ErrorList } from '../shared/ErrorList';

const WelcomePage = lazy(() => import('../welcome/WelcomePage'));

/**
 * Lets in who is signed in; the address stays, so that signing in leads on to where one wanted to go. What was open
 * when a session ended stays where it is, out of sight and reach: its changes are stored once its account is back.
 */
export function Gate() {
  const { account, ended } = useAccountSession();
  const inside = account !== undefined && account !== null;
  useSending(inside);
  return (
    <>
      <NewVersion />
      <Box hidden={!inside} display={inside ? 'contents' : undefined}>
        {(inside || ended) && <Outlet />}
      </Box>
      {!inside && <Door />}
    </>
  );
}

function Door() {
  const { account, ended, error } = useAccountSession();
  if (account === null) {
    return (
      <>
        {ended && (
          <Box role="alert" bg="bg.panel" borderBottomWidth="1px" px="6" py="3">
            Your session has ended. Sign in again: what you changed is still here.
          </Box>
        )}
        <Suspense fallback={null}>
          <WelcomePage />
        </Suspense>
      </>
    );
  }
  if (error !== null) {
    return (
      <Box maxW="34rem" mx="auto" p="10">
        <ErrorList
          title={`The server does not answer. ${error.message} Load the page again in a moment.`}
          errors={[]}
        />
      </Box>
    );
  }
  return (
    <Text p="10" role="status">
      Looking who is there …
    </Text>
  );
}
