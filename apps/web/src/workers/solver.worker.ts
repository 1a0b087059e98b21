/** The integer programs, solved by HiGHS; a worker of its own, since its code is large and rarely needed. */
import { expose } from 'comlink';
import loadHighs from 'highs';
import wasmUrl from 'highs/runtime?url';
import { assignmentOf, fewestProgram, movesOf, type Move, type ReshareAim } from '@graft/core/share';
import type { Trip } from '@graft/core/trip';

const highs = loadHighs({ locateFile: () => wasmUrl });

const solver = {
  /** The fewest handovers there are; undefined when the proof took too long. */
  async fewest(
    trip: Trip,
    day: number,
    aim: ReshareAim,
    reached: readonly number[],
    seconds: number,
  ): Promise<readonly Move[] | undefined> {
    const { problem, program } = fewestProgram(trip, day, aim, reached);
    const solved = (await highs).solve(program, { time_limit: seconds });
    return solved.Status === 'Optimal'
      ? movesOf(trip, problem, assignmentOf(problem, solved.Columns))
      : undefined;
  },
};

export type Solver = typeof solver;
expose(solver);
