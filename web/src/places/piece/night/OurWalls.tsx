// The night is for walls as this shop makes them, where it has learnt that: said, with what the night would be for walls as drawn.
import { trNodes } from '../../../words/trNodes';
import type { Derived } from '@zanfirico/core/piece';
import { printDuration } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { useNight } from '../../../night/useNight';
import { deriveDocument } from '../../../derived/deriveDocument';
import { shownNumber } from '../../../fields/shown';
import { useShop } from '../../../stores/theShop';
import { usePiece } from '../usePiece';

export function OurWalls() {
  const wall = useShop((s) => s.shop?.document.learnt?.wall);
  return wall ? <Said factor={wall.factor} count={wall.count} /> : null;
}

function Said({ factor, count }: { readonly factor: number; readonly count: number }) {
  const { document, facts } = usePiece();
  const drawn = useMemo((): Extract<Derived, { ok: true }> | undefined => {
    const derived = deriveDocument(document, { ...facts, made: {} })?.derived;
    return derived?.ok === true ? derived : undefined;
  }, [document, facts]);
  const without = useNight(drawn?.night);
  return (
    <p className="quiet mt-2 leading-snug" aria-live="polite">
      {trNodes`For walls as you make them: ${(<span className="num">×{shownNumber(factor, 2)}</span>)} of drawn, ours, of ${(<span className="num">{count}</span>)}. `}
      {without &&
        tr`As drawn it would take ${without.state === 'checked' ? '' : tr`about `}${printDuration(without.schedule.total.value)}. `}
      <Link to="/log#what-is-learnt" className="link">{tr`Change that`}</Link>
    </p>
  );
}
