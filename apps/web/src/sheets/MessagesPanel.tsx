import { Box, Button, Flex, Input, Link, Text } from '../theme/chakra';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { SheetLink } from '@graft/core/api';
import { channelOf, type MessageKind, type SendingAnswer, type SentMessage } from '@graft/core/sheet';
import { type Member, own } from '@graft/core/trip';
import { api } from '../shared/api';
import { UnreachableLinks } from '../shared/UnreachableLinks';
import { ErrorList } from '../shared/ErrorList';
import { useTripCommands } from '../shared/tripContext';
import { counted } from '../shared/words';
import { shortTime } from '../shared/shortTime';

interface Props {
  readonly members: readonly Member[];
  readonly links: ReadonlyMap<string, SheetLink>;
  readonly readOnly: boolean;
  /** Who has not said all of themselves yet. */
  readonly silent: ReadonlySet<string>;
}

/** How often to ask what became of messages that are on their way. */
const ASK_EVERY_MS = 4000;

/** Links and changes by mail or text message: where to, what was sent, and what became of it. */
export function MessagesPanel({ members, links, readOnly, silent }: Props) {
  const { id } = useTripCommands();
  const queries = useQueryClient();
  const messages = useQuery({
    queryKey: ['messages', id],
    queryFn: () => api.messages(id),
    refetchInterval: ({ state }) =>
      state.data?.messages.some((m) => m.state === 'sent') === true ? ASK_EVERY_MS : false,
  });
  const fresh = async (): Promise<void> => {
    await queries.invalidateQueries({ queryKey: ['messages', id] });
    await queries.invalidateQueries({ queryKey: ['sheets', id] });
  };
  const send = useMutation({
    mutationFn: ({ kind, to, anew }: { kind: MessageKind; to: readonly string[]; anew?: boolean }) =>
      api.sendMessages(id, kind, to, anew),
    onSettled: fresh,
  });
  const address = useMutation({
    mutationFn: (to: { memberId: string; address: string }) => api.setAddress(id, to.memberId, to.address),
    onSettled: fresh,
  });
  const { service, addresses = {}, messages: sent = [] } = messages.data ?? {};
  const reachable = members.filter((m) => own(addresses, m.id) !== undefined);
  const unlinked = reachable.filter((m) => !links.has(m.id)).map((m) => m.id);
  const linked = reachable.filter((m) => links.has(m.id)).map((m) => m.id);
  const reminded = linked.filter((memberId) => silent.has(memberId));
  const error = messages.error ?? send.error ?? address.error;
  return (
    <Box pt="2" fontSize="sm">
      <Text fontSize="xs" color="fg.muted">
        {service === undefined ? 'Looking for the message service …' : `Through: ${service.name}. `}
        {service?.simulated === true && (
          <>
            Nothing leaves this machine.{' '}
            <Link href="/stand-ins/messages" target="_blank" textDecoration="underline">
              Look at the outbox
            </Link>
          </>
        )}
      </Text>
      <UnreachableLinks />
      {error !== null && <ErrorList title={error.message} errors={[]} />}
      {!readOnly && (
        <Flex gap="2" py="2" wrap="wrap">
          <Button
            size="xs"
            disabled={unlinked.length === 0 || send.isPending}
            onClick={() => send.mutate({ kind: 'link', to: unlinked })}
          >
            {unlinked.length === 0 ? 'Send links' : `Send ${counted(unlinked.length, 'link')}`}
          </Button>
          <Button
            size="xs"
            variant="outline"
            disabled={linked.length === 0 || send.isPending}
            title="Each gets only what changed for them since their last message"
            onClick={() => send.mutate({ kind: 'changes', to: linked })}
          >
            Send what changed
          </Button>
          <Button
            size="xs"
            variant="outline"
            disabled={reminded.length === 0 || send.isPending}
            title="To those with a link who have not said all of themselves yet"
            onClick={() => send.mutate({ kind: 'reminder', to: reminded })}
          >
            {reminded.length === 0
              ? 'Remind of answers'
              : `Remind ${counted(reminded.length, 'member')} of answers`}
          </Button>
        </Flex>
      )}
      {send.data !== undefined && (
        <Text role="status" fontSize="xs">
          {outcome(send.data, members)}
        </Text>
      )}
      {readOnly && (
        <Text fontSize="xs" color="fg.muted" pt="2">
          Where members are reached is shown to leaders who may change the trip.
        </Text>
      )}
      <Box as="ul" listStyleType="none" aria-label="Members’ addresses">
        {members.map((member) => (
          <Recipient
            key={`${member.id} ${own(addresses, member.id) ?? ''}`}
            member={member}
            address={own(addresses, member.id) ?? ''}
            messages={sent.filter((m) => m.memberId === member.id)}
            opened={links.get(member.id)?.openedAt}
            readOnly={readOnly}
            busy={send.isPending}
            onAddress={(to) => address.mutate({ memberId: member.id, address: to })}
            onLink={() => send.mutate({ kind: 'link', to: [member.id], anew: true })}
          />
        ))}
      </Box>
    </Box>
  );
}

function Recipient(props: {
  member: Member;
  address: string;
  /** Latest first. */
  messages: readonly SentMessage[];
  opened: string | undefined;
  readOnly: boolean;
  busy: boolean;
  onAddress: (address: string) => void;
  onLink: () => void;
}) {
  const { member, address, messages, opened, readOnly, busy, onAddress, onLink } = props;
  const [text, setText] = useState(address);
  const wrong = text.trim() !== '' && channelOf(text.trim()) === undefined;
  const keep = (): void => {
    if (!wrong && text.trim() !== address) onAddress(text.trim());
  };
  const [last] = messages;
  return (
    <Box as="li" py="2" borderBottomWidth="1px" borderColor="border.muted">
      <Flex gap="2" align="center">
        <Text fontWeight="600" w="5.5rem" truncate>
          {member.name}
        </Text>
        <Input
          size="xs"
          flex="1"
          hidden={readOnly}
          value={text}
          readOnly={readOnly}
          placeholder="mail address or telephone"
          aria-label={`Address of ${member.name}`}
          aria-invalid={wrong}
          onChange={(e) => setText(e.target.value)}
          onBlur={keep}
          onKeyDown={(e) => {
            if (e.key === 'Enter') keep();
            if (e.key === 'Escape') setText(address);
          }}
        />
        {!readOnly && (
          <Button
            size="2xs"
            variant="ghost"
            disabled={address === '' || busy}
            aria-label={`Send a new link to ${member.name}`}
            onClick={onLink}
          >
            Link
          </Button>
        )}
      </Flex>
      {wrong && (
        <Text role="alert" fontSize="xs" color="overload.fg">
          Expected a mail address such as ann@example.org or a telephone number such as +353 1 555 0123.
        </Text>
      )}
      {last !== undefined && (
        <Text fontSize="xs" color={last.state === 'failed' ? 'overload.fg' : 'fg.muted'}>
          {last.state === 'failed' && '▲ '}
          {last.kind} {shortTime(last.sentAt)}: {last.state}
          {last.reason === undefined ? '' : `, ${last.reason}`}
          {last.kind === 'link' && opened !== undefined && `, opened ${shortTime(opened)}`}
        </Text>
      )}
    </Box>
  );
}

function outcome(
  { sent, unchanged, without, kept, failed }: SendingAnswer,
  members: readonly Member[],
): string {
  const names = (ids: readonly string[]): string =>
    ids.map((id) => members.find((m) => m.id === id)?.name ?? id).join(', ');
  return [
    sent.length === 0 ? 'Nothing was sent.' : `Sent to ${names(sent)}.`,
    ...(unchanged.length === 0 ? [] : [`Nothing changed for ${names(unchanged)}.`]),
    ...(kept.length === 0 ? [] : [`Have their link already: ${names(kept)}.`]),
    ...failed.map(({ memberId, reason }) => `Not sent to ${names([memberId])}: ${reason}`),
    ...(without.length === 0 ? [] : [`No link or no address: ${names(without)}.`]),
  ].join(' ');
}
