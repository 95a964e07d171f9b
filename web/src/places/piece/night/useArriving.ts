// How the piece on the board comes from the bench: what its order leaves in it, as soon as that is worked out.
import type { ArrivingBody } from '@zanfirico/core/night/section';
import { arrivingFrom } from '@zanfirico/core/piece';
import { useMemo } from 'react';
import { useBraid } from '../braid/useBraid';
import { usePiece } from '../usePiece';

/** To ten kelvin: a step a second longer is no other night. */
const TO = 10;
const rounded = (v: number): number => Math.round(v / TO) * TO;

/** How hot the piece comes into the box, body by body. */
export function useArriving(): readonly ArrivingBody[] | undefined {
  const { last } = usePiece();
  const known = useBraid();
  const heat = known.state === 'there' ? known.braid.heat : undefined;
  const parts = last?.parts;
  return useMemo(() => {
    const bodies = heat && parts ? arrivingFrom(heat, parts) : [];
    return bodies.length === 0
      ? undefined
      : bodies.map((b) => ({ ...b, skin: rounded(b.skin), middle: rounded(b.middle) }));
  }, [heat, parts]);
}
