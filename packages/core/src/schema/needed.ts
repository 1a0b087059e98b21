/** "expected X, got Y" in every line, as rules and routes say it. */
const EXPECTED = /\bexpected (.+?)(?:[,;] got (.+))?$/gm;

/** What is wrong in a file or a list, said to whoever mends it: what is needed there, and what it is not. */
export function needed(message: string): string {
  return message.replace(EXPECTED, (_whole, what: string, got: string | undefined) =>
    got === undefined
      ? `needs ${what}`
      : got === 'nothing'
        ? `needs ${what}; there is none`
        : `needs ${what}, not ${got}`,
  );
}
