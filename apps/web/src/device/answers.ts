/** What the server answered last, for when it cannot be reached. */
import { ApiProblem } from '../shared/api';
import { device, keep } from './deviceStore';

/** Whether a request failed because nobody answered, not because of what was asked. */
export const isUnreached = (error: unknown): boolean => !(error instanceof ApiProblem) || error.status >= 502;

/** Keeps an answer. @param tripId the trip that it is about: it goes with it @returns whether it is kept */
export const keepAnswer = (key: string, value: unknown, tripId?: string): Promise<boolean> =>
  keep({ store: 'answers', value: { key, value, ...(tripId === undefined ? {} : { tripId }) } });

interface Options<T> {
  /** The trip that it is about: it goes with it. */
  readonly tripId?: string;
  /** Not to be kept. */
  readonly private?: boolean;
  /** What stands where nothing is kept. */
  readonly fallback?: T;
}

/**
 * @param key names the answer among all of an account
 * @throws what `ask` throws, when nothing is kept or the server refuses
 */
export async function orKept<T>(
  key: string,
  ask: () => Promise<T>,
  { tripId, private: isPrivate = false, fallback }: Options<T> = {},
): Promise<T> {
  try {
    const value = await ask();
    if (!isPrivate) void keepAnswer(key, value, tripId);
    return value;
  } catch (error) {
    if (!isUnreached(error)) throw error;
    const kept = await (await device())?.get('answers', key);
    if (kept !== undefined) return kept.value as T;
    if (fallback === undefined) throw error;
    return fallback;
  }
}
