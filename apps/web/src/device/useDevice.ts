import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useSyncExternalStore } from 'react';
import { storageState, type StorageState } from './deviceStore';
import type { KeptTripInfo } from './kept';
import { keptInfos, waitingTrips } from './keptTrips';
import { waitingLetters } from './outbox';

export interface OnDevice {
  readonly trips: ReadonlyMap<string, KeptTripInfo>;
  /** Trips with changes that wait to be sent. */
  readonly waiting: ReadonlySet<string>;
}

/** What is on this device; undefined until that is known. */
export function useDevice(): OnDevice | undefined {
  return useQuery({
    queryKey: ['device'],
    queryFn: async (): Promise<OnDevice> => {
      const [infos, waiting, letters] = await Promise.all([keptInfos(), waitingTrips(), waitingLetters()]);
      const trips = new Map(infos.map((info) => [info.id, info]));
      return { trips, waiting: new Set([...waiting, ...letters.map((l) => l.tripId)]) };
    },
  }).data;
}

/** Look again at what is on this device. */
export function useDeviceChanged(): () => Promise<void> {
  const queries = useQueryClient();
  return useCallback(() => queries.invalidateQueries({ queryKey: ['device'] }), [queries]);
}

/** Whether this device can keep what is typed. */
export const useStorageState = (): StorageState => useSyncExternalStore(storageState.watch, storageState.get);
