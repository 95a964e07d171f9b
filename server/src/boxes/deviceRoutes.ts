// /api/devices: boxes and furnaces that can be asked: what they say now, what was read, what is sent to them and told to them.
import { tr, mark } from '@zanfirico/core/words';
import { BODY_LIMIT } from '@zanfirico/contract';
import {
  DeviceSchema,
  DoBody,
  HappenBody,
  SendBody,
  STAND_IN,
  type DeviceReading,
} from '@zanfirico/contract/boxes';
import { Type } from '@sinclair/typebox';
import express, { type Response } from 'express';
import { routesAt, type Routes } from '../check/routes';
import { checker } from '../check/schema';
import type { DeviceKeeper } from './keeper';
import type { StandIns } from './standIns';
import type { DeviceStore } from './deviceStore';
import { fail, isOf, takeChecked } from '../check/answer';

const checkDevice = checker(DeviceSchema);
const checkSend = checker(SendBody);
const checkDo = checker(DoBody);
const checkHappen = checker(HappenBody);
const moment = Type.String({ pattern: '^\\d{1,15}$', description: 'ms since 1970' });
const checkStretch = checker(
  Type.Object(
    {
      from: moment,
      to: moment,
      count: Type.Optional(Type.String({ pattern: '^\\d{1,4}$', description: 'stretches' })),
    },
    { additionalProperties: false },
  ),
);

/** Devices a studio has at most. */
const MOST_DEVICES = 40;
/** Readings handed out at once, and written to a file at once. */
const MOST_READINGS = 4000;
const A_PAGE = 20_000;
const ORDINARY_COUNT = 600;

/** What the routes are over. */
export interface DeviceParts {
  readonly keeper: DeviceKeeper;
  readonly store: DeviceStore;
  readonly standIns?: StandIns | undefined;
}

/** Answers with what could not be done, as the device or its driver says it. */
async function tried(res: Response, work: () => Promise<unknown>): Promise<void> {
  try {
    res.json((await work()) ?? { ok: true });
  } catch (error) {
    const unknown = error instanceof RangeError;
    fail(res, unknown ? 409 : 502, {
      error: error instanceof Error ? error.message : String(error),
    });
  }
}

const cell = (v: number | undefined, digits = 1): string =>
  v === undefined ? '' : v.toFixed(digits);

const csvLine = (r: DeviceReading): string =>
  [
    new Date(r.at).toISOString(),
    cell(r.temperature),
    cell(r.lower),
    cell(r.setPoint),
    cell(r.output, 3),
    r.state ?? '',
    r.step === undefined ? '' : String(r.step + 1),
    (r.faults ?? []).join(tr` and `),
    cell(r.elapsed, 0),
  ].join(',');

/** The routes. */
export function deviceRoutes({ keeper, store, standIns }: DeviceParts): Routes {
  const router = routesAt('/api/devices');
  const json = express.json({ limit: BODY_LIMIT });

  router.get('look', '/', (_req, res) => {
    res.json(keeper.now());
  });

  router.put('lead', '/:id', mark('set a device up'), json, async (req, res) => {
    const device = takeChecked(res, checkDevice(req.body));
    if (!device || !isOf(res, device, req.params.id)) return;
    const all = keeper.now();
    if (all.length >= MOST_DEVICES && !all.some((d) => d.device.id === device.id)) {
      fail(res, 409, { error: tr`There are ${MOST_DEVICES} devices already.` });
      return;
    }
    await keeper.keep(device);
    res.json(device);
  });

  router.delete('lead', '/:id', mark('took a device away'), async (req, res) => {
    await keeper.drop(req.params.id);
    res.json({ ok: true });
  });

  router.post('lead', '/:id/programme', mark('sent a box its night'), json, async (req, res) => {
    const body = takeChecked(res, checkSend(req.body));
    if (body) await tried(res, () => keeper.send(req.params.id, body));
  });

  router.post('lead', '/:id/do', mark('told a box what to do'), json, async (req, res) => {
    const body = takeChecked(res, checkDo(req.body));
    if (body) await tried(res, () => keeper.do(req.params.id, body));
  });

  router.post(
    'lead',
    '/:id/happens',
    mark('let something happen to a stand-in'),
    json,
    (req, res) => {
      const body = takeChecked(res, checkHappen(req.body));
      if (!body) return;
      const found = keeper.now().find((d) => d.device.id === req.params.id);
      if (found?.device.host !== STAND_IN || !standIns) {
        fail(res, 409, {
          error: tr`That is no stand-in: nothing can be made to happen to it from here.`,
        });
        return;
      }
      standIns.happens(found.device.unit, body);
      res.json({ ok: true });
    },
  );

  router.get('look', '/:id/readings', async (req, res) => {
    const asked = takeChecked(res, checkStretch(req.query));
    if (!asked) return;
    await keeper.flush();
    res.json(
      await store.readings(req.params.id, Number(asked.from), Number(asked.to), MOST_READINGS),
    );
  });

  router.get('hand', '/:id/stretches', async (req, res) => {
    const asked = takeChecked(res, checkStretch(req.query));
    if (!asked) return;
    const count = Math.max(1, Number(asked.count ?? ORDINARY_COUNT));
    await keeper.flush();
    res.json(await store.stretches(req.params.id, Number(asked.from), Number(asked.to), count));
  });

  router.get('hand', '/:id/readings.csv', async (req, res) => {
    const asked = takeChecked(res, checkStretch(req.query));
    if (!asked) return;
    await keeper.flush();
    res.type('text/csv').attachment(`${req.params.id.replace(/[^a-z0-9]/g, '')}.readings.csv`);
    res.write('time,temperature_C,lower_C,set_C,output,state,step,faults,seconds_since_start\r\n');
    const to = Number(asked.to);
    let from = Number(asked.from);
    for (;;) {
      const some = await store.page(req.params.id, from, to, A_PAGE);
      if (some.length > 0) res.write(`${some.map(csvLine).join('\r\n')}\r\n`);
      const last = some[some.length - 1];
      if (!last || some.length < A_PAGE) break;
      from = last.at + 1;
    }
    res.end();
  });

  return router;
}
