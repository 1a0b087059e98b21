import { useEffect } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import type { SheetNews, SheetProgress } from '@graft/core/api';
import { api } from './api';
import { withMarks } from './useSheets';

/** As long as the page is open, what members tell comes in as it happens. */
export function useSheetNews(tripId: string): void {
  const queries = useQueryClient();
  useEffect(() => {
    // Where there are no such streams the page shows what it read when it opened.
    if (typeof EventSource === 'undefined') return undefined;
    const key = ['sheets', tripId];
    const source = new EventSource(api.sheetEventsUrl(tripId));
    source.onmessage = (event) => {
      const news = JSON.parse((event as MessageEvent<string>).data) as SheetNews;
      if (news.kind === 'links') void queries.invalidateQueries({ queryKey: key });
      else
        queries.setQueryData<SheetProgress>(key, (known) =>
          known === undefined ? known : withMarks(known, { [news.memberId]: news.marks }),
        );
    };
    // After a gap in the stream, all that may have been missed.
    source.onopen = () => void queries.invalidateQueries({ queryKey: key });
    return () => source.close();
  }, [queries, tripId]);
}
