/** "Age: expected X, got Y", as rules and routes say it. */
const EXPECTED = /^(?:(?<where>[^":]{1,80}): )?expected (?<what>.+?)(?:[,;] got .*)?$/s;
/** What is chosen from a list, and not typed. */
const CHOSEN = /^(another|one of) /;

/** What to type instead, for whoever sees what they typed; other messages stay as they are. */
export function typeInstead(message: string): string {
  const found = EXPECTED.exec(message)?.groups;
  if (found === undefined) return message;
  const { where, what } = found;
  const plain = what!.replace(/"([^"]*)"/g, '$1');
  const order = `${CHOSEN.test(plain) ? 'Choose' : 'Type'} ${plain}`;
  return where === undefined ? order : `${where}: ${order[0]!.toLowerCase()}${order.slice(1)}`;
}
