// The balance of a section against a general finite-element program (CalculiX, from Debian: apt-get install calculix-ccx), where that is
// installed: the stemmed glass, elastic, hotter within than at its skin. Time and displacements side by side, in one run.
import {
  elasticBalance,
  meshOfSection,
  ORDINARY_STANDING,
  type SectionMesh,
} from '@zanfirico/core/night/section';
import { derive, NO_SHOP } from '@zanfirico/core/piece';
import { SHIPPED_RACK } from '@zanfirico/core/rack';
import { upgradePiece, type PieceDocument } from '@zanfirico/contract/piece';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import gobletFile from '../server/src/demo/pieces/04-quay-goblet.1.json';
import { median, type Row } from './rows';

const there = (): boolean => {
  try {
    execFileSync('ccx', ['-v'], { stdio: 'ignore' });
    return true;
  } catch (error) {
    // It is there and says its version with a code of its own.
    return (error as NodeJS.ErrnoException).code !== 'ENOENT';
  }
};

/** The problem as CalculiX reads it: mm, MPa, K. */
function asInput(
  mesh: SectionMesh,
  temperature: Float64Array,
  glass: {
    readonly youngsModulus: number;
    readonly poisson: number;
    readonly expansion: number;
  },
): string {
  const nodes = Array.from(
    { length: mesh.nodes },
    (_, i) =>
      `${String(i + 1)},${((mesh.r[i] as number) * 1e3).toFixed(7)},${((mesh.z[i] as number) * 1e3).toFixed(7)},0`,
  );
  const elements = Array.from(
    { length: mesh.triangles },
    (_, e) =>
      `${String(e + 1)},${Array.from({ length: 6 }, (__, k) => String((mesh.of[6 * e + k] as number) + 1)).join(',')}`,
  );
  const axis = Array.from({ length: mesh.nodes }, (_, i) => i).filter(
    (i) => (mesh.r[i] as number) < 1e-9,
  );
  return `*NODE,NSET=ALL
${nodes.join('\n')}
*ELEMENT,TYPE=CAX6,ELSET=E
${elements.join('\n')}
*MATERIAL,NAME=GLASS
*ELASTIC
${String(glass.youngsModulus / 1e6)},${String(glass.poisson)}
*EXPANSION,ZERO=0
${String(glass.expansion)}
*SOLID SECTION,ELSET=E,MATERIAL=GLASS
*INITIAL CONDITIONS,TYPE=TEMPERATURE
ALL,0
*BOUNDARY
${axis.map((i) => `${String(i + 1)},1,1`).join('\n')}
${String((mesh.close.order[0] as number) + 1)},2,2
*STEP
*STATIC
*TEMPERATURE
${Array.from(temperature, (t, i) => `${String(i + 1)},${t.toFixed(6)}`).join('\n')}
*NODE PRINT,NSET=ALL
U
*END STEP
`;
}

export function measureAgainstCalculix(): Row[] {
  const what = 'stemmed glass, one elastic balance of its section: ours against CalculiX';
  if (!there())
    return [{ what, measured: 'not installed (apt-get install calculix-ccx)', wanted: '' }];
  const document = upgradePiece(gobletFile) as PieceDocument;
  const glass = SHIPPED_RACK.glass(document.glass);
  const derived = glass && derive(document, glass, NO_SHOP);
  if (!glass || derived?.ok !== true || !derived.night.drawn) throw new Error('no goblet');
  const mesh = meshOfSection(derived.night.drawn.section, ORDINARY_STANDING);
  const widest = mesh.r.reduce((a, b) => Math.max(a, b), 0);
  // Hotter near the axis: smooth, so that both interpolate it alike.
  const temperature = Float64Array.from(mesh.r, (r) => 100 * (1 - (r / widest) ** 2));
  let mine = elasticBalance(mesh, glass, temperature);
  const ours = median(
    [0, 1, 2, 3, 4].map(() => {
      const start = performance.now();
      mine = elasticBalance(mesh, glass, temperature);
      return performance.now() - start;
    }),
  );
  const folder = mkdtempSync(join(tmpdir(), 'zanfirico-ccx-'));
  try {
    writeFileSync(join(folder, 'goblet.inp'), asInput(mesh, temperature, glass));
    const start = performance.now();
    execFileSync('ccx', ['-i', 'goblet'], { cwd: folder, stdio: 'ignore' });
    const theirs = performance.now() - start;
    let [off, all] = [0, 0];
    for (const line of readFileSync(join(folder, 'goblet.dat'), 'utf8').split('\n')) {
      const cells = line.trim().split(/\s+/).map(Number);
      if (cells.length < 3 || cells.some(Number.isNaN)) continue;
      const [n, r, z] = cells as [number, number, number];
      const [mr, mz] = mine(n - 1);
      off += (r / 1e3 - mr) ** 2 + (z / 1e3 - mz) ** 2;
      all += mr * mr + mz * mz;
    }
    return [
      {
        what,
        measured: `${ours.toFixed(0)} to ${theirs.toFixed(0)} ms, 1 : ${(theirs / ours).toFixed(0)}; displacements ${(100 * Math.sqrt(off / all)).toFixed(2)} % apart`,
        wanted: '',
      },
    ];
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
