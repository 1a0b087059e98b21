/** Why a password is too weak: measured by what guessers try first, with a library's word lists. */
import { refuse } from '../http/checked.js';

/** Of 0 to 4: from here on it withstands guessing at a server that slows guesses. */
const LEAST_SCORE = 3;
/** What stands further behind only adds to it, and looking at very long ones takes long. */
const LOOKED_AT = 48;

type Check = (
  password: string,
  own: string[],
) => {
  readonly score: number;
  readonly feedback: { readonly warning: string | null; readonly suggestions: readonly string[] };
};
let loading: Promise<Check> | undefined;

/** Read when first needed: the word lists are large. */
async function load(): Promise<Check> {
  const [{ ZxcvbnFactory }, common, english] = await Promise.all([
    import('@zxcvbn-ts/core'),
    import('@zxcvbn-ts/language-common'),
    import('@zxcvbn-ts/language-en'),
  ]);
  const checker = new ZxcvbnFactory({
    dictionary: { ...common.dictionary, ...english.dictionary },
    graphs: common.adjacencyGraphs,
    translations: english.translations,
  });
  return (password, own) => checker.check(password, own);
}

/**
 * @param path of the field that holds it
 * @param own what is known of whoever chooses it, such as their address and name
 * @throws InvalidInputError with the reason
 */
export async function refuseWeak(path: string, password: string, own: readonly string[]): Promise<void> {
  loading ??= load();
  const check = await loading;
  const { score, feedback } = check(
    password.slice(0, LOOKED_AT),
    own.flatMap((text) => [text, ...text.split(/[\s@.]+/)]).filter((text) => text.length > 2),
  );
  if (score >= LEAST_SCORE) return;
  const reason = feedback.warning ?? 'It is too easy to guess.';
  const advice = feedback.suggestions.join(' ');
  refuse([
    {
      path,
      message: `expected a password that is harder to guess. ${reason}${advice === '' ? '' : ` ${advice}`} Four words that nobody would put together do well.`,
    },
  ]);
}
