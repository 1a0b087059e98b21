/**
 * Many alike questions to the database as one: what is asked while an answer is under way is asked together next. A
 * party that ticks all at once then costs a few queries, and a single tick waits for nobody.
 *
 * @param run answers questions in their order; when it fails each is asked alone, so that one cannot spoil the others
 * @param most asked together
 */
export function batched<Q, A>(
  run: (questions: readonly Q[]) => Promise<readonly A[]>,
  most: number,
): (question: Q) => Promise<A> {
  interface Waiting {
    readonly question: Q;
    readonly resolve: (answer: A) => void;
    readonly reject: (error: unknown) => void;
  }
  const waiting: Waiting[] = [];
  let running = false;

  const answer = async (some: readonly Waiting[]): Promise<void> => {
    try {
      const answers = await run(some.map((w) => w.question));
      some.forEach((w, i) => w.resolve(answers[i]!));
    } catch (error) {
      const [only] = some;
      if (some.length === 1) only!.reject(error);
      else for (const each of some) await answer([each]);
    }
  };
  const go = async (): Promise<void> => {
    running = true;
    while (waiting.length > 0) await answer(waiting.splice(0, most));
    running = false;
  };
  return (question) =>
    new Promise((resolve, reject) => {
      waiting.push({ question, resolve, reject });
      if (!running) void go();
    });
}
