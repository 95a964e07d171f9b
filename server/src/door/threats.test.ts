// The threats of docs/security.md, each with what stands against it. Over https, as a device on the studio's network asks.
import { IDLE_MS, LIFE_MS } from '@zanfirico/contract/door';
import { request as httpsRequest } from 'node:https';
import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { zipSync } from 'fflate';
import { apiOf, createApp } from '../app';
import { demoDevices, DEMO_STAND_INS } from '../demo/demoDevices';
import { deviceKeeper } from '../boxes/keeper';
import { startStandIns } from '../boxes/standIns';
import { openDatabase } from '../store/database';
import { deviceStore } from '../boxes/deviceStore';
import { codeBook } from './codes';
import { MOST_ASKED } from './guard';
import {
  beginOf,
  cookieOf,
  MADE_UP,
  openStudio,
  type Device,
  type Method,
  type OpenStudio,
} from './house.fixture';
import { isNear } from './network';
import { allows, rightIn, saidOf } from './rights';
import type { Right, Routes } from '../check/routes';

const ID = '0f8fad5b-d9cb-469f-a165-70867728950e';

interface Walked {
  readonly method: Method;
  /** As the router has it, and as it is asked. */
  readonly path: string;
  readonly asked: string;
}

/** Every route there is, read off the routers themselves. */
function everyRoute(api: readonly Routes[]): Walked[] {
  return api.flatMap(({ at, router }) =>
    router.stack.flatMap(({ route }) => {
      if (!route) return [];
      const path = `${at}${route.path === '/' ? '' : route.path}`;
      const { methods } = route as unknown as { methods: Record<string, boolean> };
      return Object.keys(methods).map((method) => ({
        method: method as Method,
        path,
        asked: path.replaceAll(':revision', '1').replaceAll(/:\w+/g, ID),
      }));
    }),
  );
}

let studio: OpenStudio;
let routes: Walked[];
let rights: Right[];
let end: () => Promise<void>;

beforeAll(async () => {
  const db = await openDatabase(':memory:');
  const store = deviceStore(db);
  await demoDevices(store, Date.now());
  const standIns = await startStandIns(DEMO_STAND_INS);
  const keeper = await deviceKeeper(store, standIns);
  studio = await openStudio({ beside: { devices: { keeper, store, standIns } } });
  routes = everyRoute(apiOf(studio.parts));
  rights = apiOf(studio.parts).flatMap((room) => room.rights);
  end = async () => {
    await keeper.stop();
    await standIns.close();
    await db.destroy();
    await studio.close();
  };
});
afterAll(() => end());

describe('whoever is not let in', () => {
  it('has nothing of any route: 401, walked from the route table', async () => {
    expect(routes.length).toBeGreaterThan(55);
    const open = ['/api/door/enter', '/api/door/wake'];
    for (const { method, path, asked } of routes.filter((r) => !open.includes(r.path))) {
      const res = await studio.ask(method, asked);
      expect([method, path, res.status]).toEqual([method, path, 401]);
      expect(Object.keys(res.body as object).sort()).toEqual(['asleep', 'error']);
    }
  });

  it('has nothing with a cookie that was made up, nor of an address nobody routes', async () => {
    const fresh = await openStudio();
    for (const path of ['/api/pieces', '/api/nothing', '/api/door', '/api/../api/shop'])
      expect((await fresh.ask('get', path, MADE_UP)).status).toBe(401);
    await fresh.close();
  });

  it.each([
    '/API/pieces',
    '/Api/Door',
    '/aPi/makings/',
    '/api/pieces/',
    '//api/pieces',
    '/%61pi/pieces',
    '/api/%70ieces',
    '/api/./pieces',
    '/x/../api/pieces',
    '/api;/pieces',
    '/api\\pieces',
  ])('has nothing however the address is written: %s', async (path) => {
    const status = await new Promise<number>((done, fail) => {
      const { hostname, port } = new URL(studio.url);
      // As it is written: a client that tidies addresses would hide it.
      httpsRequest({ hostname, port, path, rejectUnauthorized: false }, (res) => {
        res.resume();
        done(res.statusCode ?? 0);
      })
        .on('error', fail)
        .end();
    });
    expect([400, 401, 404]).toContain(status);
    if (/^\/api\//i.test(path)) expect(status).toBe(401);
  });

  it('may not put out, nor read who is let in, written in capitals', async () => {
    const hand = await studio.letIn('hand', 'capitals');
    expect((await hand.ask('get', '/API/Door')).status).toBe(403);
    expect((await hand.ask('post', '/Api/Bundle')).status).toBe(403);
    expect((await hand.ask('get', '/API/pieces')).status).toBe(200);
  });

  it('guards an application that hangs nothing beside its routers', () => {
    const app = createApp(studio.parts);
    const direct = (
      app as unknown as { router: { stack: { route?: { path: string } }[] } }
    ).router.stack.flatMap((l) => l.route?.path ?? []);
    expect(direct).toEqual([]);
  });
});

describe('what each may', () => {
  it('is written down for every route, and for none that is not there', () => {
    const there = routes.map((r) => `${r.method.toUpperCase()} ${r.path}`).sort();
    const written = rights.map((r) => `${r.method} ${r.path}`).sort();
    expect(written).toEqual(there);
  });

  it('takes no more than a look for what a wall draws, and nothing else', () => {
    const walls = rights.filter((r) => allows('look', r.least));
    const drawn = [
      'GET /api/classes',
      'GET /api/classes/:id',
      'GET /api/classes/:id/makings',
      'GET /api/devices',
      'GET /api/devices/:id/readings',
      'GET /api/door/me',
      'GET /api/health',
      'GET /api/makings',
      'GET /api/makings/:id',
      'GET /api/makings/:id/live',
      'GET /api/makings/pace',
      'GET /api/pieces',
      'GET /api/pieces/:id',
      'GET /api/pots/events',
      'GET /api/rack',
      'GET /api/shop',
      'POST /api/door/enter',
      'POST /api/door/leave',
      'POST /api/door/wake',
    ];
    const asked = walls.map((r) => `${r.method} ${r.path}`);
    expect(asked.filter((r) => !drawn.includes(r))).toEqual([]);
    expect(asked).toContain('GET /api/makings/:id/live');
  });

  it.each(['look', 'hand', 'lead'] as const)('a %s: route by route', async (may) => {
    const device = await studio.letIn(may);
    // Its own leaving is asked last, or it is out.
    const last = (r: Walked): number => (r.path === '/api/door/leave' ? 1 : 0);
    const refused: string[] = [];
    const passed: string[] = [];
    for (const r of [...routes].sort((a, b) => last(a) - last(b))) {
      if (r.path.endsWith('/live') || r.path === '/api/door/lan') continue;
      const asked = device.ask(r.method, r.asked);
      const res = await (r.method === 'get' ? asked : asked.send({}));
      expect([r.path, res.status === 401 && !/enter|wake/.test(r.path)]).toEqual([r.path, false]);
      (res.status === 403 ? refused : passed).push(`${r.method.toUpperCase()} ${r.path}`);
    }
    const should = (r: Right): boolean => allows(may, r.least);
    const asked = rights.filter((r) => !r.path.endsWith('/live') && r.path !== '/api/door/lan');
    const named = (r: Right): string => `${r.method} ${r.path}`;
    expect(passed.sort()).toEqual(asked.filter(should).map(named).sort());
    expect(refused.sort()).toEqual(
      asked
        .filter((r) => !should(r))
        .map(named)
        .sort(),
    );
  });

  it('is the least of what one name covers: a route of its own comes before one with a name in it', () => {
    const rightOf = rightIn(rights);
    expect(rightOf('GET', '/api/makings/pace')?.path).toBe('/api/makings/pace');
    expect(rightOf('GET', '/api/pieces/tags')?.least).toBe('hand');
    expect(rightOf('HEAD', '/api/bundle')?.least).toBe('lead');
    expect(rightOf('PATCH', '/api/pieces')).toBeUndefined();
  });
});

describe('a page from elsewhere', () => {
  let lead: Device;
  beforeAll(async () => {
    lead = await studio.letIn('lead');
  });
  const put = () => lead.ask('put', '/api/shop').send({ baseRevision: 0, document: {} });

  it('asks in vain with the device’s cookie (CSRF)', async () => {
    for (const headers of [
      { Origin: 'https://evil.invalid' },
      { Origin: 'null' },
      { Origin: studio.url.replace('https', 'http') },
      { 'Sec-Fetch-Site': 'cross-site' },
      { 'Sec-Fetch-Site': 'same-site' },
    ])
      expect((await put().set(headers)).status).toBe(403);
    // From its own page it is heard: what is wrong is the body.
    expect((await put().set({ Origin: studio.url })).status).toBe(400);
    // Nor may it read.
    const read = lead.ask('get', '/api/pieces').set({ 'Sec-Fetch-Site': 'cross-site' });
    expect((await read).status).toBe(403);
  });

  it('gets no cookie out of a browser: HttpOnly, Secure, SameSite=Strict, this host alone', async () => {
    const res = await studio
      .ask('post', '/api/door/enter')
      .send({ code: await studio.code('look'), device: 'a wall' });
    const [cookie = ''] = (res.headers as unknown as { 'set-cookie': string[] })['set-cookie'];
    for (const part of [/^__Host-zanfirico=/, /HttpOnly/, /Secure/, /SameSite=Strict/, /Path=\//])
      expect(cookie).toMatch(part);
    expect(cookie).not.toMatch(/Domain/);
  });

  it('does not pass under a foreign name that resolves here (DNS rebinding)', async () => {
    for (const host of ['evil.invalid', '10.9.9.9', 'localhost.evil.invalid', '']) {
      const res = await lead.ask('get', '/api/pieces').set('Host', host);
      expect([host, res.status]).toEqual([host, 403]);
    }
    expect((await lead.ask('get', '/api/pieces').set('Host', 'localhost:1')).status).toBe(200);
  });

  it('cannot frame it, nor bring scripts: the policy is as strict as on this machine', async () => {
    const { headers } = await lead.ask('get', '/api/health');
    const policy = String((headers as Record<string, string>)['content-security-policy']);
    expect(policy).toMatch(/script-src 'self'(;|$)/);
    expect(policy).toMatch(/frame-ancestors 'none'/);
    expect(policy).not.toMatch(/unsafe|\*/);
    expect((headers as Record<string, string>)['access-control-allow-origin']).toBeUndefined();
  });
});

describe('whoever is further away than the studio’s network', () => {
  it.each([
    ['192.168.1.20', true],
    ['10.0.0.7', true],
    ['172.31.255.1', true],
    ['172.32.0.1', false],
    ['169.254.3.4', true],
    ['::ffff:192.168.1.20', true],
    ['::ffff:203.0.113.9', false],
    ['fe80::1%eth0', true],
    ['fd12::1', true],
    ['2001:db8::1', false],
    ['203.0.113.9', false],
    [undefined, false],
  ])('%s is answered: %s', (address, near) => {
    expect(isNear(address)).toBe(near);
  });
});

describe('a pairing code', () => {
  it('is good once, also for two who come at the same moment (replay)', async () => {
    const code = await studio.code('hand');
    const both = await Promise.all(
      [1, 2].map(() => studio.ask('post', '/api/door/enter').send({ code, device: 'a tablet' })),
    );
    expect(both.map((r) => r.status).sort()).toEqual([201, 401]);
    const again = await studio.ask('post', '/api/door/enter').send({ code, device: 'a tablet' });
    expect(again.status).toBe(401);
    expect((again.body as { error: string }).error).toMatch(/ask for another/);
  });

  it('is good for three minutes', async () => {
    let now = 0;
    const book = codeBook(() => now);
    const first = await book.issue({ name: 'gaffer', may: 'lead' });
    now = 179_000;
    expect(await book.take('no code')).toBeUndefined();
    now = 181_000;
    expect(await book.take(first?.code ?? '')).toBeUndefined();
  });

  long(
    'is not found by guessing: a thousand wrong ones, and the address is shut out and the code void (brute force)',
    async () => {
      const fresh = await openStudio();
      const code = await fresh.code('lead');
      const statuses: number[] = [];
      for (let i = 0; i < 1000; i += 1) {
        const guess = String(i).padStart(6, '0');
        if (guess === code) continue;
        const res = await fresh.ask('post', '/api/door/enter').send({ code: guess, device: 'x' });
        statuses.push(res.status);
        if (res.status === 429) expect(res.headers).toHaveProperty('retry-after');
      }
      expect(statuses.filter((s) => s === 401).length).toBeLessThanOrEqual(10);
      expect(statuses.filter((s) => s === 429).length).toBeGreaterThanOrEqual(985);
      expect(fresh.opening.state().guessed?.times).toBeLessThanOrEqual(10);
      // Shut out is the address, for a while, with the right code too.
      const right = await fresh.ask('post', '/api/door/enter').send({ code, device: 'x' });
      expect(right.status).toBe(429);
      await fresh.close();
    },
  );

  it('is void after twenty wrong guesses from anywhere', async () => {
    const book = codeBook();
    const { code = '' } = (await book.issue({ name: 'gaffer', may: 'lead' })) ?? {};
    for (let i = 0; i < 20; i += 1) await book.take('nothing');
    expect(await book.take(code)).toBeUndefined();
    // The next one is good again.
    const next = await book.issue({ name: 'gaffer', may: 'lead' });
    expect(await book.take(next?.code ?? '')).toMatchObject({ may: 'lead' });
  });
});

describe('a session', () => {
  it('is another after pairing, whatever cookie was there before (fixation)', async () => {
    const enter = await studio
      .ask('post', '/api/door/enter', MADE_UP)
      .send({ code: await studio.code('hand'), device: 'a tablet' });
    expect(cookieOf(enter)).not.toBe(MADE_UP);
    expect((await studio.ask('get', '/api/pieces', MADE_UP)).status).toBe(401);
    // Paired once more, the one before is worth nothing.
    const second = await studio
      .ask('post', '/api/door/enter', cookieOf(enter))
      .send({ code: await studio.code('lead'), device: 'a tablet' });
    expect((await studio.ask('get', '/api/pieces', cookieOf(enter))).status).toBe(401);
    expect((await studio.ask('get', '/api/pieces', cookieOf(second))).status).toBe(200);
  });

  it('that was ended opens nothing, however the cookie was come by; what it follows is cut (theft after revocation)', async () => {
    const thief = await studio.letIn('hand', 'a thief');
    const lead = await studio.letIn('lead');
    const begun = await studio.parts.makings.begin(beginOf());
    expect(begun).toBe(true);
    const cut = new Promise<void>((done) => {
      const live = httpsRequest(
        `${studio.url}/api/makings/${ID}/live`,
        { rejectUnauthorized: false, headers: { Cookie: thief.cookie } },
        (res) => {
          res.once('data', () => {
            void lead
              .ask('get', '/api/door')
              .then(({ body }) => {
                const { id } = (body as { devices: { id: string; name: string }[] }).devices.find(
                  (d) => d.name === 'a thief',
                ) ?? { id: '' };
                return lead.ask('delete', `/api/door/sessions/${id}`);
              })
              .then(({ status }) => {
                expect(status).toBe(204);
              });
          });
          res.once('close', done);
          res.on('error', () => undefined);
        },
      );
      live.on('error', () => undefined);
      live.end();
    });
    await cut;
    expect((await thief.ask('get', '/api/makings')).status).toBe(401);
    expect((await thief.ask('post', `/api/makings/${ID}/events`).send({})).status).toBe(401);
  });

  it('ends by idleness, the sooner the more it may; and after ninety days however much it is used', async () => {
    let now = 1_800_000_000_000;
    const fresh = await openStudio({ now: () => now });
    const lead = await fresh.letIn('lead');
    const look = await fresh.letIn('look');
    now += IDLE_MS.lead - 1;
    expect((await lead.ask('get', '/api/door/me')).status).toBe(200);
    now += IDLE_MS.lead + 1;
    expect((await lead.ask('get', '/api/door/me')).status).toBe(401);
    expect((await look.ask('get', '/api/door/me')).status).toBe(200);
    for (let day = 0; day < LIFE_MS / 86_400_000; day += 20) {
      now += 20 * 86_400_000;
      await look.ask('get', '/api/door/me');
    }
    expect((await look.ask('get', '/api/door/me')).status).toBe(401);
    await fresh.close();
  });

  it('with a PIN falls asleep, wakes by it under another cookie, and is over after five wrong ones', async () => {
    let now = 1_800_000_000_000;
    const fresh = await openStudio({ now: () => now });
    const lead = await fresh.letIn('lead', 'gaffer', '4711');
    now += IDLE_MS.lead + 1;
    const asleep = await lead.ask('get', '/api/pieces');
    expect([asleep.status, asleep.body]).toEqual([401, expect.objectContaining({ asleep: true })]);
    const woken = await lead.ask('post', '/api/door/wake').send({ pin: '4711' });
    expect(woken.body).toEqual({ name: 'gaffer', may: 'lead' });
    expect((await lead.ask('get', '/api/pieces')).status).toBe(401);
    const cookie = cookieOf(woken);
    expect((await fresh.ask('get', '/api/pieces', cookie)).status).toBe(200);
    now += IDLE_MS.lead + 1;
    for (let i = 0; i < 5; i += 1)
      expect((await fresh.ask('post', '/api/door/wake', cookie).send({ pin: '0000' })).status).toBe(
        401,
      );
    expect((await fresh.ask('post', '/api/door/wake', cookie).send({ pin: '4711' })).status).toBe(
      401,
    );
    await fresh.close();
  });

  it('lasts through a start of the server; a code does not', async () => {
    const file = join(studio.data, 'again.sqlite');
    const first = await openStudio({ at: file });
    const hand = await first.letIn('hand');
    const code = await first.code('hand');
    await first.close();
    const second = await openStudio({ at: file });
    expect((await second.ask('get', '/api/makings', hand.cookie)).status).toBe(200);
    expect(
      (await second.ask('post', '/api/door/enter').send({ code, device: 'late' })).status,
    ).toBe(401);
    await second.close();
  });

  it('that may less from now on may less from now on', async () => {
    const { cookie, ask } = await studio.letIn('lead', 'was lead');
    const { id = '' } = (await studio.door.lines()).find((d) => d.name === 'was lead') ?? {};
    expect((await ask('get', '/api/door')).status).toBe(200);
    expect(
      (await ask('put', `/api/door/sessions/${id}`).send({ name: 'bench 2', may: 'hand' })).status,
    ).toBe(204);
    expect((await studio.ask('get', '/api/door', cookie)).status).toBe(403);
  });
});

describe('what is sent', () => {
  let lead: Device;
  beforeAll(async () => {
    lead = await studio.letIn('lead');
  });

  it('reaches no file outside (path)', async () => {
    for (const path of [
      '/api/photos/..%2f..%2fetc%2fpasswd',
      '/api/pieces/%2e%2e%2f%2e%2e',
      '/api/door/sessions/..%2f..',
      '/api/photos/%00',
    ])
      expect([400, 404]).toContain((await lead.ask('get', path)).status);
  });

  it('is what it says it is, by its content (upload)', async () => {
    const photo = (bytes: Buffer) =>
      lead.ask('put', `/api/photos/${ID}`).set('Content-Type', 'image/jpeg').send(bytes);
    for (const bytes of [
      Buffer.from('<script>alert(1)</script>'),
      Buffer.from('%PDF-1.7'),
      Buffer.from([0x89, 0x50, 0x4e, 0x47]),
      Buffer.from([0xff, 0xd8]),
    ])
      expect((await photo(bytes)).status).toBe(415);
    expect((await photo(Buffer.alloc(4_000_000, 0xff))).status).toBe(413);
    const zip = zipSync({
      '../../outside.json': new Uint8Array([1]),
      'bundle.json': new Uint8Array([1]),
    });
    const bundle = await lead
      .ask('post', '/api/bundle')
      .set('Content-Type', 'application/zip')
      .send(Buffer.from(zip));
    expect(bundle.status).toBe(422);
    expect(readdirSync(join(studio.data, '..'))).not.toContain('outside.json');
  });
});

describe('a hostile device', () => {
  long('that floods is told to wait, and the others are answered meanwhile', async () => {
    const hostile = await studio.letIn('hand', 'hostile');
    const other = await studio.letIn('hand', 'other');
    const many = await Promise.all(
      Array.from({ length: MOST_ASKED + 60 }, () => hostile.ask('get', '/api/door/me')),
    );
    // On a slow machine the last come in the next stretch of time.
    expect(many.some((r) => r.status === 429)).toBe(true);
    expect((await other.ask('get', '/api/door/me')).status).toBe(200);
  });

  it('fills no making beyond its measure', async () => {
    const { makings } = studio.parts;
    const events = Array.from({ length: 500 }, (_, i) => ({
      kind: 'note' as const,
      id: `00000000-0000-4000-8000-${String(i).padStart(12, '0')}`,
      at: i,
      says: 'again',
    }));
    let kept: unknown;
    for (let lot = 0; lot < 41 && kept !== 'full'; lot += 1)
      kept = await makings.add(
        ID,
        events.map((e) => ({ ...e, id: e.id.replace(/^.{8}/, String(lot).padStart(8, '0')) })),
      );
    expect(kept).toBe('full');
  });

  it('follows a dozen makings at once and no more', async () => {
    const { ask, cookie } = await studio.letIn('look', 'many windows');
    const { id = '' } = (await studio.door.lines()).find((d) => d.name === 'many windows') ?? {};
    for (let i = 0; i < 12; i += 1) studio.door.holds(id, () => undefined);
    expect(cookie).not.toBe('');
    expect((await ask('get', `/api/makings/${ID}/live`)).status).toBe(429);
  });
});

describe('what is kept and written down', () => {
  it('holds no secret: neither the log nor the database knows a cookie, a code or a PIN', async () => {
    const code = await studio.code('hand', 'quiet');
    const pin = '90817263';
    const res = await studio.ask('post', '/api/door/enter').send({ code, device: 'quiet', pin });
    const cookie = cookieOf(res);
    await studio.ask('get', '/api/pieces?find=secretword', cookie);
    await studio.ask('post', '/api/door/enter').send({ code: '123456', device: 'x', pin });
    const token = cookie.split('=')[1] ?? '';
    const log = studio.logged.join('\n');
    expect(log).toMatch(/\/api\/door\/enter/);
    expect(token.length).toBeGreaterThan(40);
    for (const secret of [token, code, pin, '123456', 'secretword', '__Host'])
      expect([secret, log.includes(secret)]).toEqual([secret, false]);
    const rows = JSON.stringify(await studio.db.selectFrom('sessions').selectAll().execute());
    for (const secret of [token, code, pin])
      expect([secret, rows.includes(secret)]).toEqual([secret, false]);
  });

  it('names who made it: revisions, events, and what keeps no row of its own', async () => {
    const hand = await studio.letIn('hand', 'Bench two');
    const lead = await studio.letIn('lead', 'Gaffer');
    const id = ID.replace('0f', 'aa');
    expect((await hand.ask('post', '/api/makings').send({ ...beginOf(), id })).status).toBe(201);
    const event = { kind: 'note', id: ID.replace('0f', 'bb'), at: 5, says: 'half a gather' };
    await hand.ask('post', `/api/makings/${id}/events`).send({ events: [event] });
    const { body } = await lead.ask('get', `/api/makings/${id}`);
    expect((body as { by: unknown }).by).toEqual({ [event.id]: 'Bench two' });
    const made = await lead.ask('post', '/api/pieces').send({ document: beginOf().document });
    const piece = (made.body as { id: string }).id;
    const revisions = await lead.ask('get', `/api/pieces/${piece}/revisions`);
    expect(revisions.body).toMatchObject([{ revision: 1, by: 'Gaffer' }]);
    await lead.ask('post', `/api/pieces/${piece}/put-away`).send({ putAway: true });
    const changes = (await lead.ask('get', '/api/door/changes')).body as {
      by: string;
      what: string;
    }[];
    expect(changes).toContainEqual(
      expect.objectContaining({
        by: 'Gaffer',
        what: `put a piece away, or took it out again (${piece.slice(0, 8)})`,
      }),
    );
  });

  it('has a word for every change, or says where else it is told', () => {
    const without = rights.filter((r) => r.method !== 'GET' && saidOf(r, r.path) === undefined);
    // The bench's events and pictures say whose they are, entering makes the session, and fusing keeps nothing.
    expect(without.map((r) => `${r.method} ${r.path}`).sort()).toEqual([
      'POST /api/door/enter',
      'POST /api/door/wake',
      'POST /api/fused',
      'POST /api/makings/:id/events',
      'PUT /api/photos/:id',
    ]);
  });

  it('the key is its owner’s alone', () => {
    const folder = join(studio.data, 'network');
    expect(statSync(folder).mode & 0o777).toBe(0o700);
    for (const file of readdirSync(folder))
      expect([file, statSync(join(folder, file)).mode & 0o777]).toEqual([file, 0o600]);
    expect(readFileSync(join(folder, 'key.pem'), 'utf8')).toMatch(/PRIVATE KEY/);
  });
});
