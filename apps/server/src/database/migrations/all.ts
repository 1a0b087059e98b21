import { readdirSync } from 'node:fs';
import { extname, join } from 'node:path';
import type { MigrationInterface } from 'typeorm';

type Migration = new () => MigrationInterface;

/** The migrations of this folder, oldest first: the files whose names begin with a time. */
export async function allMigrations(): Promise<readonly Migration[]> {
  const ending = extname(import.meta.filename);
  const files = readdirSync(import.meta.dirname).filter(
    (file) => /^\d+-\w+\.[jt]s$/.test(file) && extname(file) === ending,
  );
  const modules = await Promise.all(
    files.sort().map((file) => import(join(import.meta.dirname, file)) as Promise<Record<string, Migration>>),
  );
  return modules.flatMap((module) => Object.values(module));
}
