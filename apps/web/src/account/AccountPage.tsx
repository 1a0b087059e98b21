import { Box, Button, Flex, Heading, Link, Text } from '../theme/chakra';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState, type FormEvent, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { RouterLink } from '../shared/RouterLink';
import { LEAST_PASSWORD_LENGTH } from '@graft/core/api';
import { useAccountSession } from '../shared/AccountProvider';
import { leaveDevice, signOut as signOutHere } from '../device/keptAccount';
import { listTrips } from '../device/keptTrips';
import { DevicePart, UnsentWarning } from '../device/DevicePart';
import { api, ApiProblem } from '../shared/api';
import { ErrorList } from '../shared/ErrorList';
import { AccountField } from './AccountField';
import { counted } from '../shared/words';

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box borderTopWidth="1px" py="5">
      <Heading as="h2" fontFamily="heading" fontSize="md" mb="2">
        {title}
      </Heading>
      {children}
    </Box>
  );
}
function Problem({ error }: { error: Error | null }) {
  if (error === null) return null;
  return (
    <Box my="3">
      <ErrorList title={error.message} errors={error instanceof ApiProblem ? error.errors : []} />
    </Box>
  );
}

/** The account that is signed in: sessions, password, data, deletion. */
export function AccountPage() {
  const { account, enter } = useAccountSession();
  const navigate = useNavigate();
  const leave = { onSuccess: (state: Parameters<typeof enter>[0]) => (enter(state), void navigate('/')) };
  const signOut = useMutation({ mutationFn: signOutHere, ...leave });
  const everywhere = useMutation({
    mutationFn: () => api.signOutEverywhere(),
    onSuccess: async (state) => {
      await leaveDevice();
      leave.onSuccess(state);
    },
  });
  if (account === null || account === undefined) return null;
  return (
    <Box as="main" maxW="46rem" mx="auto" px="6" py="8">
      <Link asChild textDecoration="underline" fontSize="xs">
        <RouterLink to="/trips">All trips</RouterLink>
      </Link>
      <Heading as="h1" fontFamily="heading" fontSize="2xl" mt="2">
        {account.name}
      </Heading>
      <Text color="fg.muted" mb="5">
        {account.demo ? 'The demo account: no password, shared by whoever uses this machine.' : account.email}
      </Text>
      <Part title="Sessions">
        <Text mb="3">A session ends after 30 days without use, or when you end it.</Text>
        <UnsentWarning />
        <Flex gap="3" wrap="wrap">
          <Button size="sm" onClick={() => signOut.mutate()}>
            Sign out
          </Button>
          <Button size="sm" variant="outline" onClick={() => everywhere.mutate()}>
            Sign out everywhere
          </Button>
        </Flex>
        <Problem error={signOut.error ?? everywhere.error} />
      </Part>
      <Part title="On this device">
        <DevicePart />
      </Part>
      {!account.demo && <ChangePassword />}
      <Part title="My data">
        <Text mb="3">
          Everything kept of you in one file: the account, its sessions, every trip you own with all its
          parts, and the names of trips you lead with others.
        </Text>
        <Button size="sm" variant="outline" asChild>
          <a href={api.accountExportUrl} download>
            Export all my data
          </a>
        </Button>
      </Part>
      <DeleteAccount
        email={account.email}
        demo={account.demo}
        onGone={(state) => void leaveDevice().then(() => leave.onSuccess(state))}
      />
    </Box>
  );
}

function ChangePassword() {
  const [passwords, setPasswords] = useState({ current: '', next: '' });
  const change = useMutation({
    mutationFn: () => api.changePassword(passwords),
    onSuccess: () => setPasswords({ current: '', next: '' }),
  });
  return (
    <Part title="Password">
      <Flex
        as="form"
        gap="3"
        align="end"
        wrap="wrap"
        onSubmit={(e: FormEvent) => {
          e.preventDefault();
          change.mutate();
        }}
      >
        {(['current', 'next'] as const).map((key) => (
          <AccountField
            key={key}
            w="14rem"
            label={
              key === 'current' ? 'Password now' : `New one, ${LEAST_PASSWORD_LENGTH} characters or more`
            }
            type="password"
            autoComplete={key === 'current' ? 'current-password' : 'new-password'}
            value={passwords[key]}
            onChange={(value) => setPasswords((old) => ({ ...old, [key]: value }))}
          />
        ))}
        <Button size="sm" variant="outline" type="submit" loading={change.isPending}>
          Change it
        </Button>
      </Flex>
      {change.isSuccess && (
        <Text role="status" mt="2">
          Changed. Every other session has been ended.
        </Text>
      )}
      <Problem error={change.error} />
    </Part>
  );
}

function DeleteAccount({
  email,
  demo,
  onGone,
}: {
  email: string;
  demo: boolean;
  onGone: (state: Parameters<ReturnType<typeof useAccountSession>['enter']>[0]) => void;
}) {
  const [typed, setTyped] = useState({ email: '', password: '' });
  const trips = useQuery({ queryKey: ['trips'], queryFn: listTrips });
  const owned = trips.data?.filter((t) => t.role === 'owner').length ?? 0;
  const remove = useMutation({ mutationFn: () => api.deleteAccount(typed), onSuccess: onGone });
  return (
    <Part title="Delete the account">
      <Text mb="3">
        Deletes the account and {counted(owned, 'trip')} that you own, for co-leaders too, at once and for
        good. Export first what you want to keep.
        {demo && ' Opening the demo again starts it afresh.'}
      </Text>
      <Flex
        as="form"
        gap="3"
        align="end"
        wrap="wrap"
        onSubmit={(e: FormEvent) => {
          e.preventDefault();
          remove.mutate();
        }}
      >
        <AccountField
          w="18rem"
          label={`Type ${email} to confirm`}
          autoComplete="off"
          value={typed.email}
          onChange={(value) => setTyped((old) => ({ ...old, email: value }))}
        />
        {!demo && (
          <AccountField
            w="12rem"
            label="Password"
            type="password"
            autoComplete="current-password"
            value={typed.password}
            onChange={(value) => setTyped((old) => ({ ...old, password: value }))}
          />
        )}
        <Button size="sm" variant="outline" type="submit" loading={remove.isPending}>
          Delete my account
        </Button>
      </Flex>
      <Problem error={remove.error} />
    </Part>
  );
}
