import { Box, Button, Checkbox, Flex, Text } from '../theme/chakra';
import type { UnsentSheets } from '@graft/core/api';
import { memberById, type Trip } from '@graft/core/trip';
import { useReachable } from '../device/network';
import { ErrorList } from '../shared/ErrorList';
import { Fold } from '../shared/Fold';
import { shortTime } from '../shared/shortTime';
import { useTrip } from '../shared/tripContext';
import { useInUnits } from '../shared/useInUnits';
import { useSendSheets, useUnsent, type Unsent } from '../shared/useUnsent';
import { counted } from '../shared/words';

/** Whether members' sheets show what the leader means: what is not sent yet, and sending it. */
export function Sending() {
  const { trip, change, readOnly } = useTrip();
  const isReachable = useReachable();
  const unsent = useUnsent();
  const send = useSendSheets();
  if (unsent.kind === 'noLinks') return null;
  const maySend = unsent.kind === 'plan' || (unsent.kind === 'sent' && unsent.members?.length !== 0);
  return (
    <Box as="section" aria-label="Sending the sheets" px="4" pb="3" fontSize="sm">
      <Flex gap="3" align="center" wrap="wrap">
        <Text role="status">{stateWords(unsent)}</Text>
        {!readOnly && maySend && (
          <Button
            size="sm"
            loading={send.isPending}
            disabled={!isReachable || (unsent.kind === 'sent' && unsent.version === undefined)}
            onClick={() => send.mutate()}
          >
            Send
          </Button>
        )}
        {maySend && !isReachable && <Text color="fg.muted">Sending takes a network.</Text>}
      </Flex>
      {send.error !== null && <ErrorList title={send.error.message} errors={[]} />}
      <Changes trip={trip} members={unsent.members ?? []} />
      {!readOnly && (
        <Checkbox.Root
          mt="1"
          size="sm"
          checked={trip.sendsOnTheWay === true}
          onCheckedChange={({ checked }) =>
            change('whether sheets follow on the way', ({ sendsOnTheWay: _old, ...t }) =>
              checked === true ? { ...t, sendsOnTheWay: true } : t,
            )
          }
        >
          <Checkbox.HiddenInput />
          <Checkbox.Control />
          <Checkbox.Label>From the departure on, what happens goes to the sheets by itself</Checkbox.Label>
        </Checkbox.Root>
      )}
    </Box>
  );
}

function stateWords({ kind, at, members, concerned }: Unsent): string {
  if (kind === 'follows') return 'On the way: the sheets show each change as it is made.';
  if (kind === 'plan')
    return 'The sheets show each change as it is made, until they are first sent: from then on they change when you send.';
  const since = at === undefined ? '' : shortTime(at);
  if (members === undefined) return `Sent ${since}.`;
  if (concerned > 0) return `Changed for ${counted(concerned, 'member')} since they were sent, ${since}.`;
  return members.length === 0
    ? `Sent ${since}: the sheets show the plan as it stands.`
    : `Sent ${since}. Since then only what others carry or do has changed.`;
}

/** What members will be told, one after another. */
function Changes({ trip, members }: { trip: Trip; members: UnsentSheets['members'] }) {
  const inUnits = useInUnits();
  const there = new Set(trip.members.map((m) => m.id));
  const told = members.filter((m) => m.changes.length > 0 && there.has(m.memberId));
  if (told.length === 0) return null;
  return (
    <Fold title="What changes for whom">
      <Box as="ul" aria-label="What changes for whom" listStyleType="none" maxW="60rem">
        {told.map(({ memberId, changes }) => (
          <Box as="li" key={memberId} py="1">
            <b>{memberById(trip, memberId).name}:</b> {changes.map((c) => inUnits(c)).join(' · ')}
          </Box>
        ))}
      </Box>
    </Fold>
  );
}
