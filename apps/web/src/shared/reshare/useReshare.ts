/** Looking for the fewest handovers from a day on, and the proof that no fewer will do. */
import { useEffect, useRef, useState } from 'react';
import type { Move, ReshareAim, ReshareResult } from '@graft/core/share';
import type { Trip } from '@graft/core/trip';
import { runReshare } from '../../workers/engine';
import { runFewest } from '../../workers/solver';

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
  const [busy, setBusy] = useState(false);
  const [failed, setFailed] = useState('');
  const [found, setFound] = useState<FoundReshare | undefined>();
  const stop = useRef<() => void>(() => undefined);
  // Whoever goes elsewhere waits for nothing here.
  useEffect(() => () => stop.current(), []);

  const find = async (ask: ReshareAsk): Promise<void> => {
    stop.current();
    setFailed('');
    setBusy(true);
    setFound(undefined);
    try {
      const run = runReshare(ask.after, ask.day, ask.aim, SEED);
      stop.current = run.stop;
      const result = await run.result;
      if (result === undefined) return;
      if (result.kind === 'contradiction') {
        setFound({ ...ask, result, moves: [], proof: 'open' });
        return;
      }
      const { moves } = result;
      if (moves.length <= result.atLeast) {
        setFound({ ...ask, result, moves, proof: 'proven' });
        return;
      }
      const shown: FoundReshare = { ...ask, result, moves, proof: 'proving' };
      setFound(shown);
      setBusy(false);
      const proof = runFewest(ask.after, ask.day, ask.aim, result.reached);
      stop.current = proof.stop;
      const fewest = await proof.result;
      setFound((now) =>
        now === shown
          ? { ...shown, ...(fewest === undefined ? { proof: 'open' } : { moves: fewest, proof: 'proven' }) }
          : now,
      );
    } catch (error) {
      setFailed(error instanceof Error ? error.message : String(error));
    } finally {
      setBusy(false);
    }
  };
  return {
    busy,
    failed,
    found,
    find,
    stop: () => stop.current(),
    forget: () => {
      stop.current();
      setFound(undefined);
    },
  };
}
