// npm run bench: measured speed, printed as a table, each part by itself as it comes. Never a test: timings are noisy, compare them within
// one run. Parts may be named (npm run bench -- log shelf); --small goes through each for as little as shows that it runs (in npm test).
import { execFileSync } from 'node:child_process';
import { measureBrowser } from './browser';
import { measureAgainstCalculix } from './calculix';
import { GLASS } from './cases';
import { measureCrew } from './crew';
import { measureFigures } from './figures';
import { measureHands } from './hands';
import { measureLog } from './log';
import { measureMaking } from './making';
import { SMALL, type Row } from './rows';
import { measureScript } from './script';
import { measureSections } from './sections';
import { measureShelf } from './shelf';
import { againstSolver } from './solver';
import { measureWeeks } from './weeks';

/** In a process of its own: it runs the server's or the page's code, which is not bundled with this. */
const apart = (file: string) => (): Row[] =>
  JSON.parse(
    execFileSync(process.execPath, ['--import', 'tsx', file, ...(SMALL ? ['--small'] : [])], {
      encoding: 'utf8',
    }),
  ) as Row[];

const PARTS: Readonly<Record<string, () => readonly Row[] | Promise<readonly Row[]>>> = {
  figures: measureFigures,
  crew: measureCrew,
  weeks: measureWeeks,
  solver: () => [againstSolver(GLASS)],
  sections: measureSections,
  calculix: measureAgainstCalculix,
  kiln: apart('kiln.ts'),
  script: measureScript,
  browser: measureBrowser,
  hands: measureHands,
  making: measureMaking,
  shelf: measureShelf,
  log: measureLog,
  devices: apart('devices.ts'),
};

const asked = process.argv.slice(2).filter((a) => !a.startsWith('--'));
const unknown = asked.filter((a) => !(a in PARTS));
if (unknown.length > 0) {
  console.error(`No such part: ${unknown.join(', ')}. There are ${Object.keys(PARTS).join(', ')}.`);
  process.exit(2);
}
let failed = 0;
for (const [part, measure] of Object.entries(PARTS)) {
  if (asked.length > 0 && !asked.includes(part)) continue;
  const since = performance.now();
  try {
    // Printed as it comes: what fails takes nothing with it.
    const rows = await measure();
    if (rows.length === 0 || rows.some((r) => r.measured.includes('NaN')))
      throw new Error(`a figure is none: ${JSON.stringify(rows)}`);
    if (SMALL) console.log(`${part}: ${String(rows.length)} figures`);
    else console.table(rows);
  } catch (error) {
    failed += 1;
    console.error(
      `${part} could not be measured: ${error instanceof Error ? error.message : String(error)}`,
    );
  }
  console.log(`${part}: ${((performance.now() - since) / 1000).toFixed(1)} s`);
}
process.exit(failed === 0 ? 0 : 1);
