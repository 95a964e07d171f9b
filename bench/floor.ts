// The shop floor under load: forty devices let in over https, ten events a second for an hour, told in fast motion; every answer timed.
//
// An hour at ten a second is 36 000 events. They are sent as fast as forty devices ask one after another, each its own, so the rate here is
// many times the studio's: what is measured is how long each waits for its answer, and that nothing is lost or out of order.
import { mkdtempSync, rmSync } from 'node:fs';
import { Agent, request } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startServer } from '../e2e/server';

const DEVICES = 40;
const A_SECOND = 10;
const HOUR = 3600;
const EVENTS = A_SECOND * HOUR;
/** Every so manieth is a note. */
const NOTES = 50;
/** So many times faster than the clock. */
const FAST = Number(process.argv[2] ?? 20);

const data = mkdtempSync(join(tmpdir(), 'zanfirico-floor-'));
const server = await startServer(0, data, ['--lan']);
const net = await server.network();

interface Answer {
  readonly status: number;
  readonly body: string;
  readonly cookie: string | undefined;
  readonly ms: number;
}

function ask(
  agent: Agent,
  method: string,
  path: string,
  cookie: string,
  body?: object,
): Promise<Answer> {
  const since = performance.now();
  return new Promise((done, fail) => {
    const req = request(
      `${net}${path}`,
      {
        method,
        agent,
        rejectUnauthorized: false,
        headers: { Cookie: cookie, ...(body && { 'Content-Type': 'application/json' }) },
      },
      (res) => {
        const chunks: Buffer[] = [];
        res.on('data', (c: Buffer) => chunks.push(c));
        res.on('end', () => {
          done({
            status: res.statusCode ?? 0,
            body: Buffer.concat(chunks).toString(),
            cookie: res.headers['set-cookie']?.[0]?.split(';')[0],
            ms: performance.now() - since,
          });
        });
      },
    );
    req.on('error', fail);
    req.end(body && JSON.stringify(body));
  });
}

const here = async (path: string, body?: object): Promise<unknown> => {
  const res = await fetch(`${server.url}${path}`, {
    ...(body && {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    }),
  });
  return res.json();
};

const uuid = (device: number, n: number): string =>
  `${String(device).padStart(8, '0')}-0000-4000-8000-${String(n).padStart(12, '0')}`;

// One making a device, as benches and phones have; each as the demo's candlestick began.
const [line] = ((await here('/api/makings')) as { id: string; ended?: string }[]).filter(
  (m) => !m.ended,
);
const like = (await here(`/api/makings/${line?.id ?? ''}`)) as { begin: object };
const devices = [];
for (let d = 0; d < DEVICES; d += 1) {
  const agent = new Agent({ keepAlive: true, maxSockets: 1 });
  const { code } = (await here('/api/door/codes', { name: `Bench ${String(d)}`, may: 'hand' })) as {
    code: string;
  };
  const entered = await ask(agent, 'POST', '/api/door/enter', '', { code, device: 'load' });
  const cookie = entered.cookie ?? '';
  const id = uuid(d, 0);
  await ask(agent, 'POST', '/api/makings', cookie, { ...like.begin, id, at: 1_800_000_000_000 });
  devices.push({ d, agent, cookie, id, sent: 0 });
}

const took: number[] = [];
let refused = 0;
const per = EVENTS / DEVICES;
const every = (1000 * DEVICES) / A_SECOND / FAST;
const since = performance.now();
await Promise.all(
  devices.map(async (device) => {
    for (let n = 1; n <= per; n += 1) {
      const due = since + every * (n - 1 + device.d / DEVICES);
      const wait = due - performance.now();
      if (wait > 0) await new Promise((done) => setTimeout(done, wait));
      // As a bench tells it: mostly the fire and readings, now and then a note, which the log finds words in.
      const event = {
        id: uuid(device.d, n),
        at: 1_800_000_000_000 + 1000 * n,
        ...(n % NOTES === 0
          ? { kind: 'note', says: `turn ${String(n)}` }
          : n % 3 === 0
            ? { kind: 'reading', of: 'temperature', value: 1000 - (n % 100) }
            : { kind: 'fire', what: n % 2 === 0 ? 'in' : 'out' }),
      };
      const answer = await ask(
        device.agent,
        'POST',
        `/api/makings/${device.id}/events`,
        device.cookie,
        {
          events: [event],
        },
      );
      took.push(answer.ms);
      if (answer.status !== 200) refused += 1;
      // A wall reads it as well.
      if (n % 10 === 0)
        took.push(
          (
            await ask(
              device.agent,
              'GET',
              `/api/makings/${device.id}?from=${String(n - 5)}`,
              device.cookie,
            )
          ).ms,
        );
    }
  }),
);
const seconds = (performance.now() - since) / 1000;

let lost = 0;
let disordered = 0;
for (const { id } of devices) {
  const { events } = (await here(`/api/makings/${id}`)) as { events: { at: number }[] };
  lost += per - events.length;
  disordered += events.filter((e, i) => i > 0 && e.at <= (events[i - 1]?.at ?? 0)).length;
}
took.sort((a, b) => a - b);
const at = (share: number): string => (took[Math.floor(share * (took.length - 1))] ?? 0).toFixed(1);
process.stdout.write(
  [
    `${String(DEVICES)} devices over https, ${String(EVENTS)} events in ${seconds.toFixed(0)} s (asked for: an hour in ${(HOUR / FAST).toFixed(0)} s)`,
    `median ${at(0.5)} ms, p95 ${at(0.95)} ms, p99 ${at(0.99)} ms, slowest ${at(1)} ms`,
    `refused ${String(refused)}, lost ${String(lost)}, out of order ${String(disordered)}`,
    '',
  ].join('\n'),
);
server.stop();
rmSync(data, { recursive: true, force: true });
