/**
 * Small files that a run leaves for the next one: which process it is, and where it serves. They are a help, not a
 * condition: one that cannot be written, as on a full disk, or that was cut off, stops nothing.
 */
import { readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { say } from './run.mjs';

/** What a note holds; undefined where there is none or it cannot be read. */
export function readNote(file) {
  try {
    return JSON.parse(readFileSync(file, 'utf8')) ?? undefined;
  } catch {
    // Not there, or cut off: nothing is known.
    return undefined;
  }
}

/** Whole or not at all: written beside its place, then moved there. */
export function writeNote(file, value) {
  const fresh = `${file}.${process.pid}.new`;
  try {
    writeFileSync(fresh, JSON.stringify(value), { mode: 0o600 });
    renameSync(fresh, file);
  } catch (error) {
    rmSync(fresh, { force: true });
    say(`${file} could not be written (${error.code}); going on without it.`);
  }
}
