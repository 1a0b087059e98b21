import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { Account, AccountState } from '@graft/core/api';
import { accountState, keptAccount, remember } from '../device/keptAccount';
import { whenSignedOut } from './api';

interface AccountSession {
  /** Null while nobody is signed in, undefined until that is known. */
  readonly account: Account | null | undefined;
  readonly demoOffered: boolean;
  /** Whether this server sends mail to addresses of accounts. */
  readonly mail: boolean;
  /** What links that are sent begin with. */
  readonly linkOrigin: string;
  /** The session ended by itself while its account was at work: what is open stays open until they sign in again. */
  readonly ended: boolean;
  readonly error: Error | null;
  /** Take over who is signed in now; what was loaded for somebody else is forgotten. */
  readonly enter: (state: AccountState) => void;
}

const AccountContext = createContext<AccountSession | undefined>(undefined);
const KEY = ['account'];

export function useAccountSession(): AccountSession {
  const session = useContext(AccountContext);
  if (session === undefined) throw new Error('useAccountSession is used outside of its provider');
  return session;
}

/** Who is signed in. */
export function AccountProvider({ children }: { children: ReactNode }) {
  const queries = useQueryClient();
  const { data, error } = useQuery({
    queryKey: KEY,
    queryFn: accountState,
    staleTime: Infinity,
    // Whoever was here last is shown what is theirs while the server is asked whether they still are.
    initialData: keptAccount,
    refetchOnMount: 'always',
  });
  const [endedOf, setEndedOf] = useState<string | undefined>();
  useEffect(() => {
    whenSignedOut(() => {
      setEndedOf((known) => known ?? queries.getQueryData<AccountState>(KEY)?.account?.id);
      queries.setQueryData(KEY, (old: AccountState | undefined) => ({
        ...old,
        demoOffered: old?.demoOffered ?? false,
        mail: old?.mail ?? false,
        account: null,
      }));
    });
  }, [queries]);
  const session = useMemo<AccountSession>(
    () => ({
      account: data?.account,
      demoOffered: data?.demoOffered ?? false,
      mail: data?.mail ?? false,
      linkOrigin: data?.publicUrl ?? window.location.origin,
      error,
      ended: endedOf !== undefined && data?.account === null,
      enter: (state) => {
        if (endedOf === undefined || state.account?.id !== endedOf)
          queries.removeQueries({ predicate: (query) => query.queryKey[0] !== KEY[0] });
        setEndedOf(undefined);
        remember(state);
        queries.setQueryData(KEY, state);
      },
    }),
    [data, error, endedOf, queries],
  );
  return <AccountContext value={session}>{children}</AccountContext>;
}
