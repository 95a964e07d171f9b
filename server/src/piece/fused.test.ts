// One skin: closed, in one piece, and of as much glass as there is.
import type { PieceDocument } from '@zanfirico/contract/piece';
import { bitMesh, measureMesh, openEdges, stlBytes, type Mesh } from '@zanfirico/core/form';
import { rackOf, SHIPPED_RACK } from '@zanfirico/core/rack';
import request from 'supertest';
import { createApp } from '../app';
import { asBytes, partsOver } from '../app.fixture';
import { demoPieces } from '../demo/demoPieces';
import { DEMO_ENTRIES } from '../demo/rackEntries';
import { fusedMeshes, fusedPiece } from './fused';
import { openDatabase } from '../store/database';

const ball = (out: number): Mesh =>
  bitMesh({
    shape: { kind: 'ball', diameter: 0.04 },
    place: { height: 0.05, out, around: 0, tilt: 0, copies: 1 },
  });

/** How many bodies a mesh is, by the corners its triangles share. */
function bodiesIn({ triangles }: Mesh): number {
  const above = new Map<number, number>();
  const top = (i: number): number => {
    let at = i;
    while ((above.get(at) ?? at) !== at) at = above.get(at) as number;
    return at;
  };
  for (let t = 0; t < triangles.length; t += 3) {
    const [a = 0, b = 0, c = 0] = triangles.slice(t, t + 3);
    above.set(top(b), top(a));
    above.set(top(c), top(a));
  }
  return new Set(triangles.map(top)).size;
}

it('two balls that share glass have the volume of their union', async () => {
  const [a, b] = [ball(0), ball(0.02)];
  const [one, ...more] = await fusedMeshes([
    { mesh: a, liftsOut: false, bit: false },
    { mesh: b, liftsOut: false, bit: true },
  ]);
  if (!one) throw new Error('fused');
  expect(more).toEqual([]);
  expect(openEdges(one)).toEqual([]);
  expect(bodiesIn(one)).toBe(1);
  // Two spheres of r at a distance d share π (4 r + d) (2 r − d)² / 12 (MathWorld, Sphere-Sphere Intersection).
  const [r, d] = [0.02, 0.02];
  const share = (Math.PI * (4 * r + d) * (2 * r - d) ** 2) / 12;
  const faceted = measureMesh(a).volume / ((4 / 3) * Math.PI * r ** 3);
  const union = 2 * (4 / 3) * Math.PI * r ** 3 - share;
  expect(measureMesh(one).volume / (union * faceted)).toBeCloseTo(1, 2);
});

it('what lifts out stays a body of its own, with the bit that is on it', async () => {
  const made = await fusedMeshes([
    { mesh: ball(0), liftsOut: false, bit: false },
    { mesh: ball(0.1), liftsOut: true, bit: false },
    { mesh: ball(0.12), liftsOut: false, bit: true },
  ]);
  expect(made).toHaveLength(2);
  const [first, second] = made.map((m) => measureMesh(m).volume);
  expect((second ?? 0) / (first ?? 1)).toBeGreaterThan(1.5);
});

const newest = [...new Map(demoPieces().map((all) => [all.at(-1)?.name, all.at(-1)])).values()];
it.each(newest.flatMap((d) => (d ? [[d.name, d] as const] : [])))(
  '%s is one closed skin, and its stopper another',
  async (_, document) => {
    const made = await fusedPiece(document, rackOf(DEMO_ENTRIES, []));
    if (typeof made === 'string') throw new Error(made);
    const stoppers = document.parts.filter((p) => p.role === 'stopper').length;
    expect(made).toHaveLength(1 + stoppers);
    for (const mesh of made) {
      expect(openEdges(mesh)).toEqual([]);
      expect(measureMesh(mesh).volume).toBeGreaterThan(0);
    }
  },
);

it('leaves as a whole binary STL; what cannot be made is said', async () => {
  const db = await openDatabase(':memory:');
  const api = request(createApp(partsOver(db)));
  const goblet = demoPieces()
    .flat()
    .find((d) => d.name === 'Salt cellar') as PieceDocument;
  const answer = await api
    .post('/api/fused')
    .send({ document: goblet })
    .buffer(true)
    .parse(asBytes);
  expect([answer.status, answer.headers['content-type']]).toEqual([200, 'model/stl']);
  const file = answer.body as Buffer;
  expect(file.length).toBe(84 + 50 * file.readUInt32LE(80));
  const made = await fusedPiece(goblet, SHIPPED_RACK);
  if (typeof made === 'string') throw new Error(made);
  expect(Buffer.from(stlBytes(made)).readUInt32LE(80)).toBe(file.readUInt32LE(80));
  const broken = { ...goblet, glass: 'moon-glass' };
  expect((await api.post('/api/fused').send({ document: broken })).status).toBe(422);
  expect((await api.post('/api/fused').send({})).status).toBe(400);
  await db.destroy();
});
