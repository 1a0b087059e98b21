/** Whether the database answers: asked over a connection of its own, since those of the pool may all be waiting. */
import mysql2 from 'mysql2/promise';

const PATIENCE_MS = 2000;
/** Waited in short steps: while this process itself is busy no answer can be heard, and that is not the database's fault. */
const STEPS = 20;

export class DatabaseWatch {
  private asking: Promise<boolean> | undefined;

  /** @param patienceMs what takes longer counts as no answer */
  constructor(
    private readonly databaseUrl: string,
    private readonly patienceMs = PATIENCE_MS,
  ) {}

  /** Known after that patience at most, two seconds; asked once for all who ask at the same time. */
  answers(): Promise<boolean> {
    this.asking ??= this.ask().finally(() => (this.asking = undefined));
    return this.asking;
  }

  private async ask(): Promise<boolean> {
    let connection: mysql2.Connection | undefined;
    const late = patience(this.patienceMs);
    const asked = (async () => {
      connection = await mysql2.createConnection({ uri: this.databaseUrl, connectTimeout: this.patienceMs });
      await connection.query('SELECT 1');
      return true;
    })().catch(() => false);
    try {
      return await Promise.race([asked, late]);
    } finally {
      // One that came too late is of no use to anybody either.
      connection?.destroy();
      void asked.then(() => connection?.destroy());
    }
  }
}

async function patience(ms: number): Promise<false> {
  for (let i = 0; i < STEPS; i += 1) await new Promise((resolve) => setTimeout(resolve, ms / STEPS).unref());
  return false;
}
