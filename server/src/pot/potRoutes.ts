// /api/pots: what happened to the pots.
import { mark } from '@zanfirico/core/words';
import { BODY_LIMIT } from '@zanfirico/contract';
import { PotEventsBody } from '@zanfirico/contract/pot';
import express from 'express';
import { routesAt, type Routes } from '../check/routes';
import { checker } from '../check/schema';
import type { PotStore } from './potStore';
import { takeChecked } from '../check/answer';

const checkEvents = checker(PotEventsBody);

/** The routes over a store. */
export function potRoutes(pots: PotStore): Routes {
  const router = routesAt('/api/pots');

  router.get('look', '/events', async (_req, res) => {
    res.json(await pots.events());
  });

  router.post(
    'hand',
    '/events',
    mark('told what happened to a pot'),
    express.json({ limit: BODY_LIMIT }),
    async (req, res) => {
      const body = takeChecked(res, checkEvents(req.body));
      if (!body) return;
      await pots.add(body.events);
      res.status(201).json({ events: body.events.length });
    },
  );

  return router;
}
