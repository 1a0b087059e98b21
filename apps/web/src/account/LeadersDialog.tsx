import { LOCALE } from '../shared/locale';
import { Box, Button, Flex, Input, NativeSelect, Text } from '../theme/chakra';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { INVITED_ROLES, type InvitedRole } from '@graft/core/api';
import { UnreachableLinks } from '../shared/UnreachableLinks';
import { useAccountSession } from '../shared/AccountProvider';
import { copyText } from '../shared/copyText';
import { api } from '../shared/api';
import { ErrorList } from '../shared/ErrorList';
import { PlainDialog } from '../shared/PlainDialog';
import { useTripCommands } from '../shared/tripContext';
import { ROLE_WORDS } from '../shared/words';

/** Who leads this trip; its owner invites by link, changes parts and takes out. */
export function LeadersDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <PlainDialog title="Who leads this trip" open={open} onClose={onClose}>
      <Leaders />
    </PlainDialog>
  );
}

function Leaders() {
  const { id, role: mine } = useTripCommands();
  const { account, linkOrigin } = useAccountSession();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const leaders = useQuery({ queryKey: ['leaders', id], queryFn: () => api.leaders(id) });
  const [role, setRole] = useState<InvitedRole>('read');
  const fresh = { onSuccess: () => queries.invalidateQueries({ queryKey: ['leaders', id] }) };
  const invite = useMutation({ mutationFn: () => api.invite(id, role), ...fresh });
  const revoke = useMutation({
    mutationFn: (invitation: string) => api.revokeInvitation(id, invitation),
    ...fresh,
  });
  const change = useMutation({
    mutationFn: (to: { userId: string; role: InvitedRole }) => api.setRole(id, to.userId, to.role),
    ...fresh,
  });
  const takeOut = useMutation({
    mutationFn: (userId: string) => api.removeLeader(id, userId),
    onSuccess: async (_answer, userId) => {
      if (userId === account?.id) await navigate('/trips');
      else await fresh.onSuccess();
    },
  });
  const error = leaders.error ?? invite.error ?? revoke.error ?? change.error ?? takeOut.error;
  const owner = mine === 'owner';
  const link = invite.data === undefined ? '' : `${linkOrigin}/invitations/${invite.data.token}`;
  return (
    <Box>
      {leaders.data?.leaders.map((leader) => (
        <Flex
          key={leader.userId}
          align="center"
          gap="3"
          py="2"
          borderBottomWidth="1px"
          borderColor="border.muted"
        >
          <Box flex="1" minW="0">
            <Text fontWeight="600">{leader.name}</Text>
            <Text fontSize="xs" color="fg.muted" truncate>
              {leader.email}
            </Text>
          </Box>
          {owner && leader.role !== 'owner' ? (
            <RoleSelect
              label={`What ${leader.name} may do`}
              value={leader.role}
              onChange={(next) => change.mutate({ userId: leader.userId, role: next })}
            />
          ) : (
            <Text fontSize="xs">{ROLE_WORDS[leader.role].label}</Text>
          )}
          {leader.role !== 'owner' && (owner || leader.userId === account?.id) && (
            <Button size="xs" variant="ghost" onClick={() => takeOut.mutate(leader.userId)}>
              {leader.userId === account?.id ? 'Leave' : 'Take out'}
            </Button>
          )}
        </Flex>
      ))}
      {owner && (
        <Box mt="5">
          <Text fontWeight="600" mb="1">
            Invite by link
          </Text>
          <Text fontSize="xs" color="fg.muted" mb="2">
            Whoever opens the link and signs in joins; it works once and for 14 days. Co-leaders see body
            weights and health notes.
          </Text>
          <UnreachableLinks />
          <Flex gap="2">
            <RoleSelect label="What they may do" value={role} onChange={setRole} />
            <Button size="sm" variant="outline" loading={invite.isPending} onClick={() => invite.mutate()}>
              Make a link
            </Button>
          </Flex>
          {link !== '' && (
            <Flex gap="2" mt="2">
              <Input
                size="sm"
                readOnly
                value={link}
                aria-label="Invitation link"
                onFocus={(e) => e.target.select()}
              />
              <Button size="sm" variant="outline" onClick={() => void copyText(link)}>
                Copy
              </Button>
            </Flex>
          )}
          {link !== '' && (
            <Text fontSize="xs" mt="1">
              Copy it now: it is kept nowhere and cannot be shown again.
            </Text>
          )}
          {leaders.data?.invitations.map((invitation) => (
            <Flex key={invitation.id} align="center" gap="3" mt="2" fontSize="xs">
              <Text flex="1">
                Open link, {ROLE_WORDS[invitation.role].label}, until{' '}
                {new Date(invitation.expiresAt).toLocaleDateString(LOCALE)}
              </Text>
              <Button size="xs" variant="ghost" onClick={() => revoke.mutate(invitation.id)}>
                Withdraw
              </Button>
            </Flex>
          ))}
        </Box>
      )}
      {error !== null && (
        <Box mt="3">
          <ErrorList title={error.message} errors={[]} />
        </Box>
      )}
    </Box>
  );
}

function RoleSelect({
  label,
  value,
  onChange,
}: {
  label: string;
  value: InvitedRole;
  onChange: (role: InvitedRole) => void;
}) {
  return (
    <NativeSelect.Root size="sm" w="13rem">
      <NativeSelect.Field
        aria-label={label}
        value={value}
        onChange={(e) => onChange(INVITED_ROLES.find((r) => r === e.target.value) ?? 'read')}
      >
        {INVITED_ROLES.map((r) => (
          <option key={r} value={r}>
            {ROLE_WORDS[r].label}
          </option>
        ))}
      </NativeSelect.Field>
      <NativeSelect.Indicator />
    </NativeSelect.Root>
  );
}
