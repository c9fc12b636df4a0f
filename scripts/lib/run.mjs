import { spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';

export const ROOT = fileURLToPath(new URL('../../', import.meta.url));

/**
 * Runs a command to its end. Its output is kept and shown only when it fails, unless `live`.
 * @returns {Promise<string>} what it printed
 */
export function run(command, args, { cwd = ROOT, env = {}, live = false, allowFailure = false, input } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      cwd,
      env: { ...process.env, ...env },
      stdio: [input === undefined ? 'ignore' : 'pipe', live ? 'inherit' : 'pipe', live ? 'inherit' : 'pipe'],
    });
    let output = '';
    child.stdout?.on('data', (chunk) => (output += chunk));
    child.stderr?.on('data', (chunk) => (output += chunk));
    // Who ends while it works does not leave it behind.
    const stop = () => child.kill();
    process.once('exit', stop);
    child.on('error', (error) => reject(Object.assign(error, { output })));
    child.on('close', (code) => {
      process.off('exit', stop);
      if (code === 0 || allowFailure) resolve(output);
      else reject(Object.assign(new Error(`${command} ${args.join(' ')} ended with ${code}`), { output, code }));
    });
    if (input !== undefined) child.stdin.end(input);
  });
}
