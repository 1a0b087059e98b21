/** Who is signed in, also while the server cannot be asked; and signing out, which takes everything off the device. */
import type { AccountState } from '@graft/core/api';
import { api } from '../shared/api';
import { ACCOUNT_KEY as KEY } from '../shared/asked';
import { isUnreached } from './answers';
import { enterDevice, forgetDevice } from './deviceStore';
import { setKeepsNotes } from './permission';

/** Signed out here while the server could not be told. */
const OWED = 'graft.signOut';

const NOBODY: AccountState = { account: null, demoOffered: false, mail: false };

/** Remembers who is here, and uses what the device keeps for them. */
export function remember(state: AccountState): void {
  if (state.account === null) localStorage.removeItem(KEY);
  else {
    localStorage.setItem(KEY, JSON.stringify(state));
    void enterDevice(state.account.id);
  }
}

/** Who was signed in on this device, and uses what it keeps for them; undefined for nobody. */
export function keptAccount(): AccountState | undefined {
  const kept = localStorage.getItem(KEY);
  if (kept === null || localStorage.getItem(OWED) !== null) return undefined;
  const state = JSON.parse(kept) as AccountState;
  remember(state);
  return state;
}

/** @throws what keeps the server from answering, when nobody was signed in on this device before */
export async function accountState(): Promise<AccountState> {
  try {
    if (localStorage.getItem(OWED) !== null) await api.signOut();
    localStorage.removeItem(OWED);
    const state = await api.account();
    remember(state);
    return state;
  } catch (error) {
    if (!isUnreached(error)) throw error;
    if (localStorage.getItem(OWED) !== null) return NOBODY;
    const kept = keptAccount();
    if (kept === undefined) throw error;
    return kept;
  }
}

/** Nothing of the account stays on the device, whether the server can be told or not. */
export async function signOut(): Promise<AccountState> {
  const answer = await api.signOut().catch((error: unknown) => {
    if (!isUnreached(error)) throw error;
    localStorage.setItem(OWED, '1');
    return NOBODY;
  });
  await leaveDevice();
  return answer;
}

export async function leaveDevice(): Promise<void> {
  localStorage.removeItem(KEY);
  setKeepsNotes(false);
  await forgetDevice();
}
