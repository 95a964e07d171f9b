// TypeScript programs over the whole house, made once for whoever asks: types, lint and words. The rooms of tsconfig.numbers.json are held
// to its options, everything else to tsconfig.json's; both programs read the same files once.
import { join, relative } from 'node:path';
import ts from 'typescript';
import { home } from './lib.mjs';

const parsed = new Map();

function programOf(name) {
  const config = ts.getParsedCommandLineOfConfigFile(
    join(home, name),
    { noEmit: true },
    { ...ts.sys, onUnRecoverableConfigFileDiagnostic: (d) => console.error(d.messageText) },
  );
  const host = ts.createCompilerHost(config.options, true);
  const read = host.getSourceFile.bind(host);
  // What is parsed is the same under either's options.
  host.getSourceFile = (file, ...more) => {
    if (!parsed.has(file)) parsed.set(file, read(file, ...more));
    return parsed.get(file);
  };
  return { program: ts.createProgram(config.fileNames, config.options, host), config };
}

/** The programs of the house, and which of its files are held to the second. */
export function housePrograms() {
  const whole = programOf('tsconfig.json');
  const numbers = programOf('tsconfig.numbers.json');
  const rooms = numbers.config.raw.include;
  const numeric = (file) => rooms.some((r) => relative(home, file).startsWith(`${r}/`));
  return { program: whole.program, numbers: numbers.program, rooms, numeric };
}

/** What the compiler has against the house, as it would print it; empty where nothing. */
export function typeTroubles({ program, numbers, numeric }) {
  const of = (which, mine) => [
    ...which.getOptionsDiagnostics(),
    ...which.getGlobalDiagnostics(),
    ...which
      .getSourceFiles()
      .filter((f) => mine(f.fileName))
      .flatMap((f) => [...which.getSyntacticDiagnostics(f), ...which.getSemanticDiagnostics(f)]),
  ];
  // A file is looked at once, by the program that holds it.
  const all = [...of(program, (f) => !numeric(f)), ...of(numbers, numeric)];
  return ts.formatDiagnosticsWithColorAndContext(all, {
    getCurrentDirectory: () => home,
    getCanonicalFileName: (f) => f,
    getNewLine: () => '\n',
  });
}
