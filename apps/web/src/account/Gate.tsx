import { Box, Text } from '@chakra-ui/react';
import { Outlet } from 'react-router';
import { useAccountSession } from '../shared/AccountProvider';
import { ErrorList } from '../shared/ErrorList';
import { SignInPage } from './SignInPage';

/** Lets in who is signed in; the address stays, so that signing in leads on to where one wanted to go. */
export function Gate() {
  const { account, error } = useAccountSession();
  if (account !== undefined && account !== null) return <Outlet />;
  if (account === null) return <SignInPage />;
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
