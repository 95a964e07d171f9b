// One elastic balance of a section that is suddenly of other temperatures: what another program can be asked too.
import type { Glass } from '../../glass/glass';
import { relaxing } from '../relaxing/relaxation';
import { emptyStep, stiffStep } from '../relaxing/stress';
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
  const step = emptyStep(elements.count * POINTS);
  stiffStep(step);
  for (let p = 0; p < step.strain.length; p += 1) {
    const [a, b, c] = GAUSS[p % POINTS];
    const e = Math.floor(p / POINTS);
    step.strain[p] = shapes(a, b, c).reduce(
      (sum, n, i) => sum + glass.expansion * n * temperature[mesh.of[6 * e + i]],
      0,
    );
  }
  balance.step(step, true);
  return balance.moved;
}
