import { Box, Button, Heading, Link, Text } from '../theme/chakra';
import { useMutation } from '@tanstack/react-query';
import { useState, type FormEvent, type ReactNode } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { RouterLink } from '../shared/RouterLink';
import type { AccountState } from '@graft/core/api';
import { useAccountSession } from '../shared/AccountProvider';
import { api, ApiProblem } from '../shared/api';
import { ErrorList } from '../shared/ErrorList';
import { PASSWORD_HELP } from '../welcome/DoorForm';
import { AccountField } from './AccountField';

/** What links open that went to somebody's address: nothing is done before it is asked for, since mail programs look too. */
function MailLink({
  title,
  button,
  act,
  children,
}: {
  title: string;
  button: string;
  act: (token: string) => Promise<AccountState>;
  children: (error: string | undefined) => ReactNode;
}) {
  const { enter } = useAccountSession();
  const navigate = useNavigate();
  const token = useLocation().hash.slice(1);
  const submit = useMutation({
    mutationFn: () => act(token),
    onSuccess: (state) => {
      enter(state);
      void navigate('/trips', { replace: true });
    },
  });
  const errors = submit.error instanceof ApiProblem ? submit.error.errors : [];
  const ofPassword = errors.find((e) => e.path === 'password')?.message;
  return (
    <Box as="main" maxW="28rem" mx="auto" p={{ base: '4', md: '10' }}>
      <form
        onSubmit={(e: FormEvent) => {
          e.preventDefault();
          submit.mutate();
        }}
      >
        <Heading as="h1" fontFamily="heading" fontSize="xl" mb="3">
          {title}
        </Heading>
        {children(ofPassword)}
        {submit.error !== null && ofPassword === undefined && (
          <Box mb="3">
            <ErrorList title={submit.error.message} errors={errors} />
          </Box>
        )}
        <Button size="sm" type="submit" loading={submit.isPending} disabled={token === ''}>
          {button}
        </Button>
        <Box mt="5">
          <Link asChild textDecoration="underline">
            <RouterLink to="/">To the start</RouterLink>
          </Link>
        </Box>
        {token === '' && (
          <Text role="alert" fontSize="sm" mt="3">
            The link is not whole: copy all of it from the mail.
          </Text>
        )}
      </form>
    </Box>
  );
}

export function ConfirmPage() {
  return (
    <MailLink title="Your Graft account" button="Finish my account" act={api.confirm}>
      {() => <Text mb="4">One step is left: this address is yours, and the account is made.</Text>}
    </MailLink>
  );
}

export function ResetPage() {
  const [password, setPassword] = useState('');
  return (
    <MailLink
      title="A new password"
      button="Set the password"
      act={(token) => api.resetPassword(token, password)}
    >
      {(error) => (
        <>
          <Text mb="4">It signs you out everywhere else.</Text>
          <Box mb="4">
            <AccountField
              label="New password"
              name="password"
              type="password"
              autoComplete="new-password"
              value={password}
              onChange={setPassword}
              error={error}
              help={PASSWORD_HELP}
            />
          </Box>
        </>
      )}
    </MailLink>
  );
}
