import { createContext, useContext, useEffect, useMemo, type ReactNode } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { Account, AccountState } from '@graft/core';
import { api, whenSignedOut } from './api';

interface AccountSession {
  /** Null while nobody is signed in, undefined until that is known. */
  readonly account: Account | null | undefined;
  readonly demoOffered: boolean;
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
  const { data, error } = useQuery({ queryKey: KEY, queryFn: api.account, staleTime: Infinity });
  useEffect(() => {
    whenSignedOut(() => {
      queries.setQueryData(KEY, (old: AccountState | undefined) => ({
        demoOffered: old?.demoOffered ?? false,
        account: null,
      }));
    });
  }, [queries]);
  const session = useMemo<AccountSession>(
    () => ({
      account: data?.account,
      demoOffered: data?.demoOffered ?? false,
      error,
      enter: (state) => {
        queries.removeQueries({ predicate: (query) => query.queryKey[0] !== KEY[0] });
        queries.setQueryData(KEY, state);
      },
    }),
    [data, error, queries],
  );
  return <AccountContext value={session}>{children}</AccountContext>;
}
