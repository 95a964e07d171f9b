// A part of another piece put into this one: it keeps its form, its glass and its colours, and finds a place of its own.
import type { PiecePart } from '@zanfirico/contract/piece';
import { freshName, freshPartId, lifted, type Edited, type StandingOn } from './parts';
import { ON_IT } from '../form/presets';
import { profileSpan } from '../form/profile';
import { micron } from './micron';
import { raisedPart } from './profile';

/**
 * With a part taken from elsewhere. It stands on the part in hand and lifts what stands above; under an open vessel in hand, which is
 * lifted instead; on the table where there is nothing drawn yet. `inHand` is the place of the part in hand.
 */
export function takeIn<D extends Edited>(
  piece: D,
  form: StandingOn | undefined,
  part: Omit<PiecePart, 'id'>,
  inHand: number,
): D {
  const [low, high] = profileSpan(part.profile);
  const base = form?.parts.find((p) => p.index === inHand) ?? form?.main;
  const vessel = form?.whole.vessel;
  const under = vessel !== undefined && vessel.index === base?.index;
  const stands = base ? base.shape.lowest + (under ? 0 : base.shape.height) : 0;
  const room =
    base === undefined
      ? piece
      : lifted(piece, stands - ON_IT, high - low, vessel && piece.parts[vessel.index]?.id);
  return {
    ...room,
    parts: [
      ...room.parts,
      {
        ...raisedPart(part, micron(stands - low)),
        id: freshPartId(piece),
        name: freshName(piece.parts, part.name),
      },
    ],
  };
}
