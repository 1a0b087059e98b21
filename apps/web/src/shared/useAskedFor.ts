import { useLocation } from 'react-router';

/** What another page has sent here to be added, such as a pasted list or people; undefined when it was opened as it is. */
export function useAskedFor(): unknown {
  const { state } = useLocation() as { readonly state: { readonly adding?: unknown } | null };
  return state?.adding;
}

/** The piece that another page has sent here for. */
export function usePieceAskedFor(): string | undefined {
  const { state } = useLocation() as { readonly state: { readonly piece?: string } | null };
  return state?.piece;
}
