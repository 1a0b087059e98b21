/** Looking for the fewest handovers from a day on, and the proof that no fewer will do. */
import { useState } from 'react';
import type { Move, ReshareAim, ReshareResult } from '@graft/core/share';
import type { Trip } from '@graft/core/trip';
import { runReshare } from '../../workers/engine';
import { runFewest } from '../../workers/solver';
import { useRun } from '../useRun';

/** The same trip and seed give the same handovers. */
const SEED = 1;

/** What a re-share is asked for. */
interface ReshareAsk {
  /** The trip as it was before something happened: an answer is good as long as it stays the same. */
  readonly of: Trip;
  /** The trip once it has happened. */
  readonly after: Trip;
  readonly day: number;
  readonly aim: ReshareAim;
  /** In words, for the handovers' record. */
  readonly reason: string;
  /** Whom it happened to. */
  readonly memberId?: string;
}
export interface FoundReshare extends ReshareAsk {
  readonly result: ReshareResult;
  readonly moves: readonly Move[];
  readonly proof: 'proven' | 'proving' | 'open';
}

export interface Reshare {
  readonly busy: boolean;
  readonly failed: string;
  readonly found: FoundReshare | undefined;
  readonly find: (ask: ReshareAsk) => Promise<void>;
  readonly stop: () => void;
  readonly forget: () => void;
}

export function useReshare(): Reshare {
  const search = useRun('Looking for the fewest handovers');
  const proof = useRun('Proving that no fewer will do');
  const [found, setFound] = useState<FoundReshare | undefined>();

  const find = async (ask: ReshareAsk): Promise<void> => {
    proof.drop();
    setFound(undefined);
    const outcome = await search.start(() => runReshare(ask.after, ask.day, ask.aim, SEED));
    if (outcome.kind !== 'done' || outcome.value === undefined) return;
    const result = outcome.value;
    if (result.kind === 'contradiction') {
      setFound({ ...ask, result, moves: [], proof: 'open' });
      return;
    }
    const { moves } = result;
    if (result.count <= result.atLeast) {
      setFound({ ...ask, result, moves, proof: 'proven' });
      return;
    }
    const shown: FoundReshare = { ...ask, result, moves, proof: 'proving' };
    setFound(shown);
    const proven = await proof.start(() => runFewest(ask.after, ask.day, ask.aim, result.reached));
    const fewest = proven.kind === 'done' ? proven.value : undefined;
    setFound((now) =>
      now === shown
        ? { ...shown, ...(fewest === undefined ? { proof: 'open' } : { moves: fewest, proof: 'proven' }) }
        : now,
    );
  };
  return {
    busy: search.running,
    failed: (search.failed ?? proof.failed)?.message ?? '',
    found,
    find,
    stop: () => {
      search.stop();
      proof.stop();
    },
    forget: () => {
      search.drop();
      proof.drop();
      setFound(undefined);
    },
  };
}
