// How things laid in the kiln look and are called.
import type { Laid } from '@zanfirico/contract/kiln';
import { hexOf, over, WHITE, type Colour } from '@zanfirico/core/fit';
import type { Rack } from '@zanfirico/core/rack';
import { printText } from '@zanfirico/core/units';
import { trWord, tr } from '@zanfirico/core/words';
import type { useDisplay } from '../../../stores/display';

type Units = ReturnType<typeof useDisplay.getState>['units'];

/** What it is of: the rack's, or the piece's own glass. */
export const ofLaid = (
  rack: Pick<Rack, 'colour'>,
  glass: string,
  of: string | undefined,
): Colour | undefined => rack.colour(of ?? glass);

/** Its colour at its own thickness, before white. */
export const lookOfLaid = (colour: Colour | undefined, thickness: number): string =>
  colour ? hexOf(over(colour.seen, thickness, WHITE)) : 'var(--chalk-dim)';

/** Its name: what it is, of what, how large. */
export function nameOfLaid(l: Laid, name: string, units: Units): string {
  const mm = (v: number): string => printText(v, 'length', units);
  const { shape } = l;
  const size =
    shape.kind === 'round'
      ? mm(shape.across)
      : shape.kind === 'rect'
        ? `${mm(shape.width)} × ${mm(shape.deep)}`
        : tr`drawn`;
  return `${trWord(l.as)} ${size}, ${name}`;
}
