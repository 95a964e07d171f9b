// /api/fused: the glass of a piece as one closed skin, as it is drawn now.
import { BODY_LIMIT, NewPieceBody } from '@zanfirico/contract';
import express from 'express';
import { checkMeaning } from './checkDocument';
import { routesAt, type Routes } from '../check/routes';
import { checker } from '../check/schema';
import { stlBytes } from '@zanfirico/core/form';
import { fusedPiece } from './fused';
import type { RackStore } from '../rack/rackStore';
import { fail, takeChecked } from '../check/answer';

const check = checker(NewPieceBody);

/** The route; pieces may be of whatever the rack has. */
export function fusedRoutes(rack: RackStore): Routes {
  const router = routesAt('/api/fused');
  // No word: worked out of what is sent; nothing is kept.
  router.post('hand', '/', '', express.json({ limit: BODY_LIMIT }), async (req, res) => {
    const body = takeChecked(res, check(req.body));
    if (!body) return;
    const known = await rack.rack();
    const checked = checkMeaning(body.document, known);
    const fused = checked.ok ? await fusedPiece(checked.document, known) : checked.error;
    if (typeof fused === 'string') fail(res, 422, { error: fused });
    else res.type('model/stl').send(Buffer.from(stlBytes(fused)));
  });
  return router;
}
