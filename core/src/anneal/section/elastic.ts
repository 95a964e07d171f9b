// One elastic balance of a section that is suddenly of other temperatures: what another program can be asked too.
import type { Glass } from '../../glass/glass';
import { MODES, MODE_WEIGHTS, relaxing } from '../relaxing/relaxation';
import { elementsOf, GAUSS, POINTS, shapes } from './element';
import { equilibrium } from './equilibrium';
import type { SectionMesh } from './mesh';

/** From free of stress at 0 K to `temperature` (K, by node), nothing flowing: the displacement of a node, r and z, m. */
export function elasticBalance(
  mesh: SectionMesh,
  glass: Glass,
  temperature: Float64Array,
): (node: number) => readonly [number, number] {
  const elements = elementsOf(mesh);
  const balance = equilibrium(mesh, elements, relaxing(glass));
  const points = elements.count * POINTS;
  balance.step(
    {
      keep: new Float64Array(points * MODES).fill(1),
      gain: new Float64Array(points).fill(1),
      part: Float64Array.from(
        { length: points * MODES },
        (_, i) => MODE_WEIGHTS[i % MODES] as number,
      ),
      strain: Float64Array.from({ length: points }, (_, p) => {
        const [a, b, c] = GAUSS[p % POINTS] as (typeof GAUSS)[number];
        const e = Math.floor(p / POINTS);
        return shapes(a, b, c).reduce(
          (sum, n, i) =>
            sum + glass.expansion * n * (temperature[mesh.of[6 * e + i] as number] as number),
          0,
        );
      }),
    },
    true,
  );
  return balance.moved;
}
