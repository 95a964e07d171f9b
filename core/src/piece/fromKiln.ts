// The kiln's part of a piece as the rest of the house takes it: a part of the form that comes out, what its wall is made of.
import type { KilnWork } from '@zanfirico/contract/kiln';
import { tr } from '../words/tr';
import type { CoolingWall } from '../night/allow';
import type { Box } from '../night/box';
import type { Colour } from '../fit/colour';
import type { WallShare } from '../fit/lay';
import type { Glass } from '../glass/glass';
import type { PartInput } from './part';
import { firePiece, type FiredPiece } from '../kiln/firedPiece';
import type { KilnForm } from '../kiln/kilnForm';
import { glassOf } from '../kiln/laid';

/** A piece whose one part is what comes out of the kiln; one that is cast, or of which nothing is laid, is as it was drawn. */
export function asFired<
  P extends { readonly parts: readonly PartInput[]; readonly kiln?: KilnWork | undefined },
>(piece: P, glass: Glass, box: Box): { readonly piece: P; readonly fired: FiredPiece | undefined } {
  const { kiln } = piece;
  if (!kiln || kiln.cast || kiln.laid.length === 0) return { piece, fired: undefined };
  const fired = firePiece(kiln, glass, box);
  return { piece: { ...piece, parts: [formPart(fired.form, piece.parts[0])] }, fired };
}

/** The form that comes out as the one part of its piece, under the id and name that part has. */
export const formPart = (
  { profile, across, work }: KilnForm,
  first?: Pick<PartInput, 'id' | 'name'>,
): PartInput => ({
  ...(first?.id !== undefined && { id: first.id }),
  name: first?.name ?? tr`plate`,
  profile,
  work,
  ...(across && { across }),
});

/**
 * The wall its night goes by: flat glass on a shelf, whose heat leaves upwards, as thick as its thickest place after so many firings, thick beside thin where relief
 * is left.
 */
export function kilnWall({ firings, laidThick }: FiredPiece, after: number): CoolingWall {
  const high = (firings[Math.min(after, firings.length) - 1]?.cut.high ?? [laidThick]).filter(
    (h) => h > 0,
  );
  const [thin, thick] = [Math.min(...high), Math.max(...high)];
  return { thickest: thick, stepThick: thick, stepThin: thin, body: 'oneSided' };
}

/** What its wall is made of, each glass once, in the order it is first laid; its shares are by how much of each there is. */
export function kilnLayers(
  kiln: KilnWork,
  glass: Glass,
  colourOf: (id: string) => Colour | undefined,
): WallShare[] {
  const found = new Map<string, { colour: Colour | undefined; volume: number; thick: number }>();
  let all = 0;
  kiln.laid.forEach((l) => {
    const own = l.of === undefined || l.of === glass.id;
    const colour = own ? undefined : colourOf(l.of);
    const volume = glassOf(l);
    all += volume;
    const key = colour?.id ?? '';
    const was = found.get(key);
    if (was) was.volume += volume;
    else found.set(key, { colour, volume, thick: l.thickness });
  });
  return [...found.values()].map(({ colour, volume, thick }) => ({
    colour,
    laid: undefined,
    share: all > 0 ? volume / all : 0,
    atGather: thick,
    volume,
    mass: volume * (colour?.density ?? glass.density),
  }));
}
