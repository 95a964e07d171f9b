// What a piece takes of glass and colour, as it is drawn and gathered: what its cost and its days are reckoned with.
import type { Derived } from './derive';

/** kg: taken from the pot or cut from stock; what of that is the finished piece, without its colour; and colour. */
export interface Takes {
  readonly taken: number;
  readonly stays: number;
  readonly colour: number;
  /** Colour by the id of its entry. */
  readonly colours: Readonly<Record<string, number>>;
}

/** Reads it off a derived piece; bits of furnace glass are brought as they weigh. */
export function takesOf(derived: Extract<Derived, { ok: true }>): Takes {
  const { parts, bits, whole } = derived;
  if (parts.every((p) => !p.gathers && !p.stock)) return ofSheet(derived);
  const taken =
    parts.reduce((sum, p) => sum + (p.gathers?.toGather.value ?? p.stock?.mass.value ?? 0), 0) +
    bits.reduce((sum, b) => sum + (b.stock?.mass.value ?? b.mass), 0);
  const colours: Record<string, number> = {};
  for (const p of parts)
    for (const l of p.layers)
      if (l.laid !== undefined && l.colour)
        colours[l.colour.id] = (colours[l.colour.id] ?? 0) + l.mass;
  const colour = Object.values(colours).reduce((sum, m) => sum + m, 0);
  return { taken, stays: Math.max(0, Math.min(taken, whole.mass - colour)), colour, colours };
}

/** Of what is made in the kiln: what lies on the shelf, or fills the mould; what the cutting leaves is stock again. */
function ofSheet({ parts, bits }: Extract<Derived, { ok: true }>): Takes {
  const colours: Record<string, number> = {};
  let stays = bits.reduce((sum, b) => sum + b.mass, 0);
  for (const l of parts.flatMap((p) => p.layers))
    if (l.colour) colours[l.colour.id] = (colours[l.colour.id] ?? 0) + l.mass;
    else stays += l.mass;
  const colour = Object.values(colours).reduce((sum, m) => sum + m, 0);
  return { taken: stays, stays, colour, colours };
}

/** Of what is cut off a share goes back into the pot clear, kg; nothing where colour is in it. */
export const givenBack = ({ taken, stays, colour }: Takes, share: number): number =>
  colour > 0 ? 0 : share * Math.max(0, taken - stays);
