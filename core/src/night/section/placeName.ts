// A place of a section in the words of the trade: in which body, at its middle, its skin or a corner, or where two meet.
import { tr, trWord } from '../../words/tr';
import { skinNear } from './depth';
import type { Point } from './loops';
import type { SectionMesh } from './mesh';
import type { SectionBody } from './realSection';

/** So near to where two bodies meet a place is of both, m. */
const MEETS = 2.5e-3;
/** Under this depth a place is at the skin, m. */
const SKIN = 8e-4;
/** Near the axis, m. */
const AXIS = 2e-3;

/** "in the middle of the foot", "at the inside of the body, low down", "where the bowl meets the merese". */
export function placeName(
  mesh: SectionMesh,
  { bodies }: { readonly bodies: readonly Pick<SectionBody, 'name' | 'low' | 'high'>[] },
  at: Point,
): string {
  const near = bodies.filter((b) => at.z > b.low - MEETS && at.z < b.high + MEETS);
  const [first, second] = near;
  if (first && second && near.length === 2) {
    const meets = Math.max(first.low, second.low);
    const until = Math.min(first.high, second.high);
    if (at.z > meets - MEETS && at.z < until + MEETS && until - meets < 2 * MEETS)
      return tr`where the ${first.name} meets the ${second.name}`;
  }
  const body = near.find((b) => at.z >= b.low && at.z <= b.high) ?? first;
  const name = body ? tr`the ${body.name}` : tr`the glass`;
  const { depth, side } = skinNear(mesh, at);
  const share = body && body.high > body.low ? (at.z - body.low) / (body.high - body.low) : 0.5;
  const height =
    !body || bodies.length > 1
      ? ''
      : share < 0.2
        ? tr`, low down`
        : share > 0.8
          ? tr`, high up`
          : '';
  if (depth > SKIN)
    return at.r < AXIS
      ? tr`in the middle of ${name}${trWord(height)}`
      : tr`within the wall of ${name}${trWord(height)}`;
  if (side === 'inside') return tr`at the inside of ${name}${trWord(height)}`;
  if (side === 'under') return tr`under ${name}`;
  return tr`at the outside of ${name}${trWord(height)}`;
}
