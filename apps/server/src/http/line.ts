/** Lines in which work waits: of each line one piece is done in so long, and each machine has its turn. */
import { setTimeout as pause } from 'node:timers/promises';

/** A machine may have so many waiting: longer than these take nobody would wait anyway. */
const MOST_WAITING = 30;

type Job = () => Promise<void>;

export class Line {
  /** By line, the jobs of each machine; a line that is there is being worked on. */
  private readonly lines = new Map<string, Map<string, Job[]>>();

  constructor(private readonly spacingMs: number) {}

  /** @param full what is thrown when too many of that machine wait already */
  wait<T>(line: string, machine: string, work: () => Promise<T>, full: () => Error): Promise<T> {
    return new Promise<T>((resolve, reject) => {
      const job: Job = () => work().then(resolve, reject);
      const machines = this.lines.get(line);
      const own = machines?.get(machine);
      if ((own?.length ?? 0) >= MOST_WAITING) reject(full());
      else if (own !== undefined) own.push(job);
      else if (machines !== undefined) machines.set(machine, [job]);
      else {
        this.lines.set(line, new Map([[machine, [job]]]));
        void this.work(line);
      }
    });
  }

  private async work(line: string): Promise<void> {
    const machines = this.lines.get(line)!;
    for (let next = first(machines); next !== undefined; next = first(machines)) {
      const [machine, jobs] = next;
      // To the end of the turn.
      machines.delete(machine);
      const job = jobs.shift()!;
      if (jobs.length > 0) machines.set(machine, jobs);
      await job();
      await pause(this.spacingMs);
    }
    this.lines.delete(line);
  }
}

function first(machines: ReadonlyMap<string, Job[]>): readonly [string, Job[]] | undefined {
  return machines.entries().next().value;
}
