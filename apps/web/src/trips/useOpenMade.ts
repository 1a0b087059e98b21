import { useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';

/** Opens a trip that was just made or read; the list that the button stands in goes once it is no longer empty. */
export function useOpenMade(): (made: { readonly id: string }) => Promise<void> {
  const navigate = useNavigate();
  const queries = useQueryClient();
  return async ({ id }) => {
    await navigate(`/trips/${id}`);
    await queries.invalidateQueries({ queryKey: ['trips'] });
  };
}
