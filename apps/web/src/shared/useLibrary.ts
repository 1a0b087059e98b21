import { useCallback, useEffect } from 'react';
import { useIsMutating, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { applyLibraryEdits, type Library, type LibraryEdit, type LibraryEntry } from '@graft/core/library';
import { orKept } from '../device/answers';
import { api } from './api';

const KEY = ['library'];
const NONE: readonly LibraryEntry[] = [];

export interface LeaderLibrary {
  readonly entries: readonly LibraryEntry[];
  readonly loading: boolean;
  /** Edits are on their way: whoever leaves the page now is asked first. */
  readonly unsaved: boolean;
  /** Why it could not be read or written, in the server's words. */
  readonly problem: string | undefined;
  readonly edit: (edits: readonly LibraryEdit[]) => void;
}

/** The leader's kit library: edits show at once, and are taken back when the server refuses them. */
export function useLibrary(): LeaderLibrary {
  const queries = useQueryClient();
  const query = useQuery({ queryKey: KEY, queryFn: () => orKept('library', api.library), staleTime: 60_000 });
  const unsaved = useIsMutating({ mutationKey: KEY }) > 0;
  useEffect(() => {
    if (!unsaved) return;
    const warn = (event: BeforeUnloadEvent): void => event.preventDefault();
    window.addEventListener('beforeunload', warn);
    return () => window.removeEventListener('beforeunload', warn);
  }, [unsaved]);
  const mutation = useMutation({
    mutationKey: KEY,
    // One after another: each write names the version that the one before it made.
    scope: { id: 'library' },
    mutationFn: async (edits: readonly LibraryEdit[]) => {
      const { version } = await api.editLibrary(queries.getQueryData<Library>(KEY)?.version ?? 0, edits);
      queries.setQueryData<Library>(KEY, (now) => now && { ...now, version });
    },
    onError: () => queries.invalidateQueries({ queryKey: KEY }),
  });
  const { mutate } = mutation;
  const edit = useCallback(
    (edits: readonly LibraryEdit[]): void => {
      queries.setQueryData<Library>(
        KEY,
        (now) => now && { ...now, entries: applyLibraryEdits(now.entries, edits) },
      );
      mutate(edits);
    },
    [queries, mutate],
  );
  return {
    entries: query.data?.entries ?? NONE,
    loading: query.isPending,
    unsaved,
    problem: mutation.error?.message ?? query.error?.message,
    edit,
  };
}
