// What a bit adds to the piece, and what may be wrong with it.
import { tr } from '../words/tr';
import { bitVolume, smoothPath, type Bit, type BitShape } from './bit';
import { bitMesh } from './bitMesh';
import { lipWall } from './pulled';
import { measureMesh, openEdges } from './mesh';

/** What one bit (all its copies together) adds. SI; centre about the axis and height 0. */
export interface BitMeasure {
  readonly volume: number;
  readonly area: number;
  /** Greatest thickness of its glass. */
  readonly thickness: number;
  readonly centre: readonly [number, number, number];
  readonly lowest: number;
  readonly highest: number;
  /** Furthest from the axis. */
  readonly reach: number;
}

/** How thick a bit's glass is at most, m. For a mesh: three times volume over surface, as for a ball, doubled. */
function bitThickness(shape: BitShape): number {
  switch (shape.kind) {
    case 'rod':
      return Math.min(shape.diameter, shape.length);
    case 'ball':
    case 'wrap':
      return shape.diameter;
    case 'ellipsoid':
    case 'box':
      return Math.min(shape.x, shape.y, shape.z);
    case 'dot':
      return shape.rise;
    case 'bent':
      return shape.wall ?? shape.diameter;
    case 'pulled':
      return lipWall(shape);
    case 'mesh': {
      const { volume, area } = measureMesh(shape);
      return (6 * volume) / area;
    }
  }
}
/** Measures a bit with all its copies. */
export function measureBit(bit: Bit): BitMeasure {
  const { shape, place } = bit;
  if (shape.kind === 'pulled')
    return {
      volume: 0,
      area: 0,
      thickness: bitThickness(shape),
      centre: [0, 0, place.height],
      lowest: place.height - shape.drop,
      highest: place.height + shape.rise,
      reach: place.out + shape.reach,
    };
  const mesh = bitMesh(bit);
  const { area, centre } = measureMesh(mesh);
  let lowest = Infinity;
  let highest = -Infinity;
  let reach = 0;
  for (let i = 0; i < mesh.positions.length; i += 3) {
    const z = mesh.positions[i + 2] as number;
    lowest = Math.min(lowest, z);
    highest = Math.max(highest, z);
    reach = Math.max(
      reach,
      Math.hypot(mesh.positions[i] as number, mesh.positions[i + 1] as number),
    );
  }
  return {
    volume: bitVolume(shape, place.out) * place.copies,
    area,
    thickness: bitThickness(shape),
    centre,
    lowest,
    highest,
    reach,
  };
}
/** What is wrong with a bit itself, in a sentence, or undefined. */
export function bitProblem({ shape, place }: Bit, name: string): string | undefined {
  const mm = (v: number): string => `${String(Number((v * 1e3).toFixed(2)))} mm`;
  if (shape.kind === 'bent') {
    if (shape.wall !== undefined && 2 * shape.wall >= shape.diameter)
      return tr`${name}: its wall, ${mm(shape.wall)}, leaves no bore in ${mm(shape.diameter)}; thin the wall or leave it out for solid rod.`;
    if (!(smoothPath(shape.path).length > 1e-4))
      return tr`${name}: its path has no length; move its points apart.`;
  }
  if (shape.kind === 'pulled' && shape.width > Math.PI * place.out)
    return tr`${name}: it is ${mm(shape.width)} wide, more than half way round a lip ${mm(2 * place.out)} across; narrow it.`;
  if (shape.kind === 'wrap' && place.out < shape.diameter / 2)
    return tr`${name}: it is wound ${mm(place.out)} from the axis, closer than its own half thickness; move it out.`;
  if (shape.kind === 'wrap' && shape.turns > 1 && Math.abs(shape.pitch) < shape.diameter)
    return tr`${name}: its turns rise ${mm(shape.pitch)} each, less than its ${mm(shape.diameter)}, so they run into each other; raise the pitch.`;
  if (shape.kind === 'dot' && shape.rise > shape.diameter)
    return tr`${name}: it rises ${mm(shape.rise)} from a base of ${mm(shape.diameter)}; a dot rises less than its width.`;
  if (shape.kind === 'mesh') {
    const [open] = openEdges(shape);
    if (open)
      return tr`${name}: the mesh is not closed near ${open.at.map((v) => mm(v)).join(', ')}; mend it where it was made and read it in again.`;
    if (measureMesh(shape).volume <= 0)
      return tr`${name}: the mesh is inside out; flip its faces where it was made.`;
  }
  return undefined;
}
