// /api/pots: what happened to the pots.
import { BODY_LIMIT } from '@zanfirico/contract';
import { PotEventsBody } from '@zanfirico/contract/pot';
import express, { Router } from 'express';
import { checker } from '../check/schema';
import type { PotStore } from './potStore';
import { takeChecked } from '../check/answer';

const checkEvents = checker(PotEventsBody);

/** The routes over a store. */
export function potRoutes(pots: PotStore): Router {
  const router = Router();

  router.get('/events', async (_req, res) => {
    res.json(await pots.events());
  });

  router.post('/events', express.json({ limit: BODY_LIMIT }), async (req, res) => {
    const body = takeChecked(res, checkEvents(req.body));
    if (!body) return;
    await pots.add(body.events);
    res.status(201).json({ events: body.events.length });
  });

  return router;
}
