// The web server: safe headers, the API, and the built web application.
import { tr, trWord, mark } from '@zanfirico/core/words';
import { existsSync } from 'node:fs';
import { join, resolve } from 'node:path';
import cookieParser from 'cookie-parser';
import express, { type ErrorRequestHandler, type Express } from 'express';
import packed from 'express-static-gzip';
import helmet from 'helmet';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { BODY_LIMIT, NOW, type ErrorBody } from '@zanfirico/contract';
import { MakingSchema } from '@zanfirico/contract/making';
import { PieceSchema } from '@zanfirico/contract/piece';
import { RackEntrySchema } from '@zanfirico/contract/rack';
import { ShopSchema } from '@zanfirico/contract/shop';
import { onlyEntering } from './door/enterPage';
import { guards, rightful } from './door/guard';
import type { Names } from './door/network';
import { inTheirLanguage, speakAsAsked } from './language';
import { routesAt, type Routes } from './check/routes';
import { bundleRoutes } from './studio/bundleRoutes';
import { classRoutes } from './class/classRoutes';
import { deviceRoutes, type DeviceParts } from './boxes/deviceRoutes';
import { doorRoutes, type DoorParts } from './door/doorRoutes';
import { fusedRoutes } from './piece/fusedRoutes';
import { logRoutes } from './log/logRoutes';
import { potRoutes } from './pot/potRoutes';
import { makingRoutes, photoRoutes } from './making/makingRoutes';
import { pieceRoutes } from './piece/pieceRoutes';
import { rackRoutes } from './rack/rackRoutes';
import { shopRoutes, weighInRoutes } from './shop/shopRoutes';
import { wantedRoutes } from './orders/wantedRoutes';
import type { Stores } from './stores';

/** What an application is made of. `webRoot` is the built web folder; without it only the API is served. */
export interface AppParts extends Stores {
  /** Where there are none, nothing is asked of any device. */
  readonly devices?: DeviceParts | undefined;
  /** Where there is none, the network is not answered at all. */
  readonly door?: DoorParts | undefined;
  /** What this machine is called on its network; asked of it where left out. */
  readonly names?: (() => Names) | undefined;
  readonly log: Logger;
  readonly webRoot?: string | undefined;
}

/** What a database refuses a write for, as a person can act on it. */
const STORE_REFUSES: Readonly<Record<string, string | undefined>> = {
  SQLITE_FULL: mark(
    'The server’s disc is full: nothing was saved. Make room on it, then save again.',
  ),
  SQLITE_READONLY: mark(
    'The server may not write its database: nothing was saved. See who owns its data folder.',
  ),
  SQLITE_IOERR_WRITE: mark(
    'The server’s disc refuses to be written: nothing was saved. Look after it.',
  ),
};

/** What express and the database throw, as far as it is told. */
interface Refusal {
  readonly status?: number;
  readonly type?: string;
  readonly code?: string;
  readonly limit?: number;
}

const onError: ErrorRequestHandler = (error: unknown, req, res, next) => {
  if (res.headersSent) {
    next(error);
    return;
  }
  const { status, type, code = '', limit = BODY_LIMIT } = error as Refusal;
  const answer = (code: number, body: ErrorBody): void => {
    res.status(code).json(body);
  };
  if (type === 'entity.too.large')
    answer(413, { error: tr`That is too big; at most ${limit / 1000} kB can be read.` });
  else if (type === 'entity.parse.failed')
    answer(400, { error: tr`The request is not readable JSON: it is damaged or only half there.` });
  else if (status !== undefined && status >= 400 && status < 500)
    answer(status, { error: tr`The request could not be read.` });
  else if (STORE_REFUSES[code] !== undefined) {
    req.log.error({ err: error }, 'not kept');
    answer(507, { error: trWord(STORE_REFUSES[code]) });
  } else {
    req.log.error({ err: error }, 'request failed');
    answer(500, { error: tr`Something went wrong on the server; nothing was saved.` });
  }
};

/** What a log says of a request: no header, for cookies are among them, and no query. */
const PLAIN = {
  req: ({ id, method, url }: { id: unknown; method: string; url: string }) => ({
    id,
    method,
    path: url.split('?')[0],
  }),
  res: ({ statusCode }: { statusCode: number | null }) => ({ statusCode }),
};

/** Files are packed when they are built: br where the browser takes it, else gz, else as they are. */
const PACKED = { enableBrotli: true, orderPreference: ['br' as const, 'gzip' as const] };

/** What the server says of itself, and its schemas. */
function plainRoutes(): Routes {
  const router = routesAt('/api');
  router.get('look', '/health', (_req, res) => {
    res.json({ ok: true });
  });
  for (const [name, schema] of [
    ['piece', PieceSchema],
    ['shop', ShopSchema],
    ['rack-entry', RackEntrySchema],
    ['making', MakingSchema],
  ] as const)
    router.get('hand', `/schemas/${name}.json`, (_req, res) => {
      res.type('application/schema+json').send(JSON.stringify(schema, null, 2));
    });
  return router;
}

/** Every route of the API, by its room: a line a room. */
export function apiOf(parts: AppParts): readonly Routes[] {
  const { store, shop, makings, rack, devices, door } = parts;
  return [
    plainRoutes(),
    pieceRoutes(store, rack),
    fusedRoutes(rack),
    bundleRoutes({ store, rack, makings, shop }),
    shopRoutes(shop, rack),
    makingRoutes(makings),
    logRoutes(parts.logged),
    potRoutes(parts.pots),
    wantedRoutes(parts.wanted),
    classRoutes(parts.classes),
    photoRoutes(makings),
    weighInRoutes(shop, rack),
    rackRoutes(rack, shop),
    ...(devices ? [deviceRoutes(devices)] : []),
    ...(door ? [doorRoutes(door)] : []),
  ];
}

/** Puts the application together. */
export function createApp(parts: AppParts): Express {
  const { door, log, webRoot } = parts;
  const app = express();
  app.disable('x-powered-by');
  app.set('query parser', 'simple');
  app.use(pinoHttp({ logger: log, useLevel: 'debug', serializers: PLAIN }));
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          styleSrc: ["'self'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          workerSrc: ["'self'"],
          objectSrc: ["'none'"],
          baseUri: ["'none'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
        },
      },
      strictTransportSecurity: false, // plain http on the loopback address; a browser keeps it for no bare address anyhow
    }),
  );
  app.use(cookieParser());
  speakAsAsked();
  app.use(inTheirLanguage);
  app.use(guards(door?.door, parts.names));
  app.use((_req, res, next) => {
    // Screens whose own clock is wrong go by the studio's.
    res.set(NOW, String(Date.now()));
    next();
  });
  const api = apiOf(parts);
  app.use(
    '/api',
    rightful(
      door?.door,
      api.flatMap((room) => room.rights),
    ),
  );
  for (const { at, router } of api) app.use(at, router);
  app.use('/api', (_req, res) => {
    res.status(404).json({ error: tr`There is nothing at this address.` });
  });
  if (webRoot !== undefined && existsSync(webRoot)) {
    // Wherever it lies: a path from here, under a folder whose name begins with a dot.
    const root = resolve(webRoot);
    const files = { dotfiles: 'allow' } as const;
    app.use(onlyEntering(root));
    app.use(
      '/assets',
      packed(join(root, 'assets'), {
        ...PACKED,
        serveStatic: { ...files, immutable: true, maxAge: '1y' },
      }),
      (_req, res) => {
        res
          .status(404)
          .type('text/plain')
          .send(tr`There is no such file.`);
      },
    );
    app.use(packed(root, { ...PACKED, index: false, serveStatic: files }));
    app.get('/{*path}', (_req, res) => {
      res.set('Cache-Control', 'no-cache').sendFile('index.html', { ...files, root });
    });
  }
  app.use(onError);
  return app;
}
