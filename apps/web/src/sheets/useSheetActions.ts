import { useQueryClient, useMutation } from '@tanstack/react-query';
import type { Member } from '@graft/core/trip';
import type { MarkKind, MarkValue } from '@graft/core/sheet';
import { useState } from 'react';
import type { NewLink } from './LinkList';
import { randomId } from '../shared/randomId';
import { post } from '../device/outbox';
import { api } from '../shared/api';
import { useAccountSession } from '../shared/AccountProvider';

/** Making and withdrawing members' links, and telling members what became of what they told. */
export function useSheetActions(tripId: string) {
  const { linkOrigin } = useAccountSession();
  const queries = useQueryClient();
  const [made, setMade] = useState<readonly NewLink[]>([]);
  const fresh = () => queries.invalidateQueries({ queryKey: ['sheets', tripId] });
  const make = useMutation({
    mutationFn: async (members: readonly Member[]) => {
      const links: NewLink[] = [];
      for (const { id: memberId, name } of members) {
        const { token } = await api.makeSheetLink(tripId, memberId);
        links.push({ memberId, name, url: `${linkOrigin}/s/#${token}` });
        // What is made is shown, even if the next one fails.
        setMade([...links]);
      }
    },
    onMutate: () => setMade([]),
    onSettled: fresh,
  });
  const withdraw = useMutation({
    mutationFn: (memberId: string) => api.withdrawSheetLink(tripId, memberId),
    onSettled: fresh,
  });
  const tell = useMutation({
    mutationFn: (to: {
      memberId: string;
      kind: MarkKind;
      value: MarkValue;
      thingId: string | undefined;
      replaces: readonly string[];
    }) =>
      post({
        kind: 'marks',
        tripId,
        memberId: to.memberId,
        marks: [
          {
            id: randomId(),
            kind: to.kind,
            ...(to.thingId === undefined ? {} : { thingId: to.thingId }),
            value: to.value,
            at: new Date().toISOString(),
            replaces: to.replaces,
          },
        ],
      }),
    onSettled: fresh,
  });
  return {
    make,
    withdraw,
    tell,
    /** Links just made: shown once, since they are kept nowhere. */
    made,
    forgetMade: () => setMade([]),
    busy: make.isPending || withdraw.isPending,
    error: make.error ?? withdraw.error ?? tell.error,
  };
}
