import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import type { UnsentSheets } from '@graft/core/api';
import { sheetsFollow } from '@graft/core/sheet';
import { useReachable } from '../device/network';
import { api } from './api';
import { useSaving, useTrip } from './tripContext';
import { useSheets } from './useSheets';

/** Who goes on changing the plan is not asked about after each change, ms. */
const SETTLED_MS = 2000;

/** What members' sheets do not show yet of the plan. */
export interface Unsent {
  /** `plan`: nobody has sent them yet, and they show the plan as it stands. `follows`: so they do on the way. */
  readonly kind: 'noLinks' | 'plan' | 'follows' | 'sent';
  /** When it was sent last, ISO time; of `sent`. */
  readonly at: string | undefined;
  /** Whose sheet would change; of `sent`, undefined while that is not known. */
  readonly members: UnsentSheets['members'] | undefined;
  /** How many members it concerns: those for whom more changes than what others have or do. */
  readonly concerned: number;
  /** The version that is told of; undefined while the page has something newer. */
  readonly version: number | undefined;
}

export function useUnsent(): Unsent {
  const { id, walked } = useTrip();
  const { unsaved, version } = useSaving();
  const isReachable = useReachable();
  const { data: sheets } = useSheets(id);
  const links = sheets?.links ?? [];
  const at = links.reduce<string | undefined>((last, { sentAt }) => later(last, sentAt), undefined);
  const kind =
    links.length === 0
      ? 'noLinks'
      : sheetsFollow(walked)
        ? 'follows'
        : links.every((l) => l.sentAt === undefined)
          ? 'plan'
          : 'sent';
  const settled = useSettled(version);
  const { data, isPlaceholderData } = useQuery({
    queryKey: ['unsent', id, settled, at],
    queryFn: () => api.unsentSheets(id),
    enabled: kind === 'sent' && !unsaved && isReachable,
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });
  const isNow = !unsaved && !isPlaceholderData && data?.version === version;
  const members = kind === 'sent' ? data?.members : undefined;
  return {
    kind,
    at,
    members,
    concerned: members?.filter((m) => m.changes.length > 0).length ?? 0,
    version: isNow ? version : undefined,
  };
}

/** Sends the plan as it stands to everybody who has a link. */
export function useSendSheets() {
  const { id } = useTrip();
  const { version } = useSaving();
  const queries = useQueryClient();
  return useMutation({
    mutationFn: () => api.sendSheets(id, version),
    onSettled: () => queries.invalidateQueries({ queryKey: ['sheets', id] }),
  });
}

/** A value once it has not changed for a while; the first one at once. */
function useSettled<T>(value: T): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), SETTLED_MS);
    return () => clearTimeout(timer);
  }, [value]);
  return settled;
}

function later(a: string | undefined, b: string | undefined): string | undefined {
  if (a === undefined || b === undefined) return a ?? b;
  return a > b ? a : b;
}
