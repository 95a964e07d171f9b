// One TypeScript program over the whole house, made once for whoever asks it: types, lint and words.
import { join } from 'node:path';
import ts from 'typescript';
import { home } from './lib.mjs';

/** The program of tsconfig.json. */
export function houseProgram() {
  const config = ts.getParsedCommandLineOfConfigFile(
    join(home, 'tsconfig.json'),
    { noEmit: true },
    { ...ts.sys, onUnRecoverableConfigFileDiagnostic: (d) => console.error(d.messageText) },
  );
  return ts.createProgram(config.fileNames, config.options);
}

/** What the compiler has against it, as it would print it; empty where nothing. */
export const typeTroubles = (program) =>
  ts.formatDiagnosticsWithColorAndContext(ts.getPreEmitDiagnostics(program), {
    getCurrentDirectory: () => home,
    getCanonicalFileName: (f) => f,
    getNewLine: () => '\n',
  });
