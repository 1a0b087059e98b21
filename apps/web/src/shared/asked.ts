/** What is asked of the server before the program is there. Stands on nothing: it runs first of all. */

/** What only this application's own pages send. */
export const OWN_PAGE = { 'X-Graft-Request': '1' };
/** Under what the device keeps who is signed in. */
export const ACCOUNT_KEY = 'graft.account';
/** An answer that nobody took by then is asked for again. */
const FRESH_MS = 5000;

const asked = new Map<string, Promise<Response>>();

/** Asks now what the program will ask for soon. @param path behind `/api` */
export function askAhead(path: string): Promise<Response> {
  const answer = fetch(`/api${path}`, { headers: OWN_PAGE });
  asked.set(path, answer);
  // Whoever takes it learns what went wrong.
  const drop = (): unknown => setTimeout(() => asked.delete(path), FRESH_MS);
  answer.then(drop, drop);
  return answer;
}

/** An answer that is on its way, for the first who asks. */
export function takeAsked(path: string): Promise<Response> | undefined {
  const answer = asked.get(path);
  asked.delete(path);
  return answer;
}
