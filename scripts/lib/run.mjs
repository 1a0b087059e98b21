import { spawn } from 'node:child_process';
import { ROOT } from './paths.mjs';

/** A line of progress, on stderr so that a command's own output stays clean. */
export function say(text) {
  process.stderr.write(`graft  ${text}\n`);
}

/** Something the person has to do or know; ends the command with its own exit code. */
export class Refusal extends Error {
  constructor(message, exitCode = 1) {
    super(message);
    this.exitCode = exitCode;
  }
}

/**
 * Run a command to its end.
 * @param options `input`: it reads what this command is given to read
 * @returns {Promise<{code: number, output: string}>} exit code, and what it printed when `quiet`
 */
export function run(command, args, { quiet = false, input = false, env = {}, cwd = ROOT } = {}) {
  return new Promise((resolve, reject) => {
    const told = quiet ? 'pipe' : 'inherit';
    const stdio = [input ? 'inherit' : 'ignore', told, told];
    const child = spawn(command, args, { cwd, env: { ...process.env, ...env }, stdio });
    let output = '';
    child.stdout?.on('data', (chunk) => (output += chunk));
    child.stderr?.on('data', (chunk) => (output += chunk));
    child.on('error', reject);
    child.on('close', (code, signal) => resolve({ code: code ?? (signal ? 1 : 0), output }));
  });
}

/** Run a step quietly; show what it printed only when it fails. */
export async function step(title, command, args, options = {}) {
  const started = Date.now();
  say(`${title} …`);
  const { code, output } = await run(command, args, { quiet: true, ...options });
  if (code !== 0) {
    process.stderr.write(output);
    throw new Refusal(`${title}: failed (${command} ended with code ${code}).`);
  }
  say(`${title}: done in ${((Date.now() - started) / 1000).toFixed(1)} s`);
  return output;
}

/** Run a script's main function; a refusal is told in one line, anything else with its stack. */
export async function main(body) {
  try {
    process.exitCode = (await body()) ?? 0;
  } catch (error) {
    if (error instanceof Refusal) {
      process.stderr.write(`graft  ${error.message}\n`);
      process.exitCode = error.exitCode;
    } else {
      process.stderr.write(`${error.stack ?? error}\n`);
      process.exitCode = 1;
    }
  }
}
