/** As long as a trip is open, what members tell and what other leaders change comes in as it happens. */
import { useEffect, useRef, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import type { SheetProgress, StoredTrip, TripNews } from '@graft/core/api';
import { api } from './api';
import type { SessionState } from './tripSession';
import { withMarks } from './useSheets';

/** What was told of others stays to be read for so long. */
const TOLD_MS = 12_000;

/**
 * @param take puts what is here on what the server has now
 * @returns what somebody else has just changed, in words; empty after a while
 */
export function useTripNews(
  tripId: string,
  state: Pick<SessionState, 'version' | 'save'>,
  take: (now: StoredTrip) => void,
): string {
  const queries = useQueryClient();
  const [newest, setNewest] = useState<{ readonly version: number; readonly text: string } | undefined>();
  const [told, setTold] = useState('');
  const latest = useRef({ state, take });
  useEffect(() => {
    latest.current = { state, take };
  });
  useEffect(() => {
    // Where there are no such streams the page shows what it read when it opened.
    if (typeof EventSource === 'undefined') return undefined;
    const key = ['sheets', tripId];
    const source = new EventSource(api.sheetEventsUrl(tripId));
    source.onmessage = (event) => {
      const news = JSON.parse((event as MessageEvent<string>).data) as TripNews;
      if (news.kind === 'changed') {
        const text = `${news.by} changed ${news.what === '' ? 'this trip' : news.what}.`;
        setNewest({ version: news.version, text });
      } else if (news.kind === 'links') void queries.invalidateQueries({ queryKey: key });
      else
        queries.setQueryData<SheetProgress>(key, (known) =>
          known === undefined ? known : withMarks(known, { [news.memberId]: news.marks }),
        );
    };
    // After a gap in the stream, all that may have been missed.
    let opened = 0;
    source.onopen = () => {
      opened += 1;
      void queries.invalidateQueries({ queryKey: key });
      if (opened > 1) setNewest({ version: latest.current.state.version + 1, text: '' });
    };
    return () => source.close();
  }, [queries, tripId]);

  const isIdle = state.save.kind === 'idle';
  useEffect(() => {
    // One's own change comes as news too: its answer has said so already, or will before this is asked again.
    if (newest === undefined || !isIdle || newest.version <= latest.current.state.version) return undefined;
    let isCurrent = true;
    void api
      .trip(tripId)
      .then((now) => {
        const { state: here, take: put } = latest.current;
        if (!isCurrent || here.save.kind !== 'idle' || now.version <= here.version) return;
        put(now);
        setTold(newest.text);
      })
      // The next change, or the next word, asks again.
      .catch(() => undefined);
    return () => {
      isCurrent = false;
    };
  }, [newest, isIdle, tripId]);
  useEffect(() => {
    const timer = setTimeout(() => setTold(''), TOLD_MS);
    return () => clearTimeout(timer);
  }, [told]);
  return told;
}
