/** Files of the program that are there already. Stands on nothing: it runs before the program itself is there. */

/** Loads a file of the program; what it exports, by name. */
export type Load<T = unknown> = () => Promise<Readonly<Record<string, T>>>;

/** What such files export, by its name. */
const there = new Map<string, unknown>();

/** Loads a part of the program before it is drawn. @param name of what it exports */
export async function fetchAhead(load: Load, name: string): Promise<void> {
  const module = await load();
  there.set(name, module[name]);
}

export const whatIsThere = (name: string): unknown => there.get(name);

const awaited: Promise<unknown>[] = [];
/** The page is first drawn when this is done, or has failed. */
export const hold = (coming: Promise<unknown>): void => void awaited.push(coming);
/** Drawing waits for what comes ahead: a page that is drawn once is there sooner than one that is drawn in steps. */
export const allThere = (): Promise<unknown> => Promise.allSettled(awaited);
