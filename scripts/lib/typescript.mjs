import { createRequire } from 'node:module';
import Module from 'node:module';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { ROOT } from './run.mjs';

/** Lets this process require the project's TypeScript, compiled as it is read. */
export function requireTypeScript() {
  const require = createRequire(import.meta.url);
  const { transformSync } = require('@swc/core');
  const compile = (module, file) => {
    const { code } = transformSync(readFileSync(file, 'utf8'), {
      filename: file,
      jsc: { parser: { syntax: 'typescript' }, target: 'es2022' },
      module: { type: 'commonjs' },
    });
    module._compile(code, file);
  };
  Module._extensions['.ts'] = compile;
  const resolve = Module._resolveFilename;
  Module._resolveFilename = (wanted, ...rest) =>
    resolve.call(Module, wanted.startsWith('@/') ? path.join(ROOT, 'src', wanted.slice(2)) : wanted, ...rest);
  return require;
}
