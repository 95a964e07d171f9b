// Devices over the wire: the stand-ins driven by another package's Modbus client and by nonsense, the driver against them, the keeper through
// falls, and the routes.
import {
  ORDINARY_REGISTERS,
  STAND_IN,
  type DeviceDocument,
  type DeviceNow,
  type DeviceReading,
  type ReadingStretch,
  type SendProgramme,
} from '@zanfirico/contract/boxes';
import { ORDINARY_SENSOR } from '@zanfirico/core/boxes';
import { boxOf } from '@zanfirico/core/night';
import { readLoggerCsv } from '@zanfirico/core/night/asked';
import { client as otherClients } from 'jsmodbus';
import { createServer, Socket } from 'node:net';
import request from 'supertest';
import { createApp } from '../app';
import { partsOver } from '../app.fixture';
import { openDatabase, type Database } from '../store/database';
import { deviceStore, type DeviceStore } from './deviceStore';
import { deviceKeeper, type DeviceKeeper } from './keeper';
import { modbusController, questions, modbusTrouble } from './modbusController';
import { startStandIns, type StandIns } from './standIns';

const BOX = boxOf({ coolingTime: 4 * 3600, power: 5000, capacity: 50e3 });
const nature = { box: BOX, ...ORDINARY_SENSOR };
const DEVICE: DeviceDocument = {
  id: 'front',
  kind: 'annealer',
  of: 'the front box',
  host: STAND_IN,
  port: 502,
  unit: 1,
  fahrenheit: false,
  every: 1,
  registers: ORDINARY_REGISTERS,
};
const SEND: SendProgramme = {
  name: 'a bowl',
  lines: [{ to: 505, rate: 200 / 3600, hold: 3600 }, { to: 430, rate: 40.04 / 3600 }, { to: 50 }],
  lastIn: 9000,
};

let standIns: StandIns;
let db: Database;
let store: DeviceStore;
let keeper: DeviceKeeper;

beforeEach(async () => {
  standIns = await startStandIns([
    { unit: 1, nature, from: 20 },
    { unit: 3, nature, from: 1150, stands: true },
  ]);
  db = await openDatabase(':memory:');
  store = deviceStore(db);
  await store.keep(DEVICE);
  keeper = await deviceKeeper(store, standIns, { every: 20 });
});
afterEach(async () => {
  await keeper.stop();
  await standIns.close();
  await db.destroy();
});

const until = async (fits: () => boolean | Promise<boolean>): Promise<void> => {
  for (let k = 0; k < 600; k += 1) {
    if (await fits()) return;
    await new Promise((done) => setTimeout(done, 20));
  }
  throw new Error('it never came');
};
const front = (): DeviceNow => keeper.now()[0] as DeviceNow;

/** Another package's client, on a unit. */
async function other<T>(
  unit: number,
  work: (c: InstanceType<typeof otherClients.TCP>) => Promise<T>,
): Promise<T> {
  const socket = new Socket();
  const c = new otherClients.TCP(socket, unit, 1500);
  await new Promise<void>((done, fail) => {
    socket.once('error', fail);
    socket.connect(standIns.port, '127.0.0.1', done);
  });
  try {
    return await work(c);
  } finally {
    socket.destroy();
  }
}
const inputs = (unit: number, from: number, count: number): Promise<number[]> =>
  other(unit, async (c) => {
    const { response } = await c.readInputRegisters(from, count);
    return response.body.valuesAsArray.slice() as number[];
  });

describe('the stand-ins, by another Modbus client', () => {
  it('read as they are: tenths of a degree, thousandths, states', async () => {
    const [t = 0, set = 0, , state] = await inputs(3, 0, 4);
    expect(t / 10).toBeGreaterThan(1145);
    expect(set / 10).toBe(1150);
    expect(state).toBe(2);
  });
  it('are programmed, started, held and stopped by it', async () => {
    await other(1, async (c) => {
      await c.writeMultipleRegisters(11, [5000, 2000, 30]);
      await c.writeSingleRegister(10, 1);
      await c.writeSingleRegister(0, 1);
    });
    standIns.advance(1, 3600);
    const [t = 0, , output = 0, state, step] = await inputs(1, 0, 5);
    expect(t / 10).toBeGreaterThan(205);
    expect(t / 10).toBeLessThan(225);
    expect(output).toBeGreaterThan(300);
    expect([state, step]).toEqual([1, 1]);
    await other(1, (c) => c.writeSingleRegister(0, 4));
    expect((await inputs(1, 3, 1))[0]).toBe(0);
  });
  it('refuse a register they have not, and a command they do not know, as the standard says', async () => {
    await expect(inputs(1, 5000, 1)).rejects.toMatchObject({ response: { body: { code: 2 } } });
    await expect(other(1, (c) => c.writeSingleRegister(0, 77))).rejects.toMatchObject({
      response: { body: { code: 3 } },
    });
    await expect(other(1, (c) => c.writeSingleRegister(10, 31))).rejects.toMatchObject({
      response: { body: { code: 3 } },
    });
  });
  it('nonsense on the line harms nobody: half a frame, a wrong protocol, a length that lies, noise', async () => {
    const noise = [
      Buffer.from([0, 1, 0, 0, 0, 6, 1, 4]),
      Buffer.from([0, 1, 0, 9, 0, 6, 1, 4, 0, 0, 0, 1]),
      Buffer.from([0, 1, 0, 0, 0xff, 0xff, 1, 4, 0, 0, 0, 1]),
      Buffer.from([0, 1, 0, 0, 0, 2, 1, 99]),
      Buffer.from([0, 1, 0, 0, 0, 6, 1, 4, 0, 0, 0xff, 0xff]),
      Buffer.alloc(5000, 0xaa),
      Buffer.from('GET / HTTP/1.1\r\n\r\n'),
    ];
    for (const frame of noise)
      await new Promise<void>((done) => {
        const s = new Socket();
        s.on('error', () => undefined);
        s.once('close', () => {
          done();
        });
        s.connect(standIns.port, '127.0.0.1', () => {
          s.write(frame);
          setTimeout(() => s.destroy(), 30);
        });
      });
    expect((await inputs(3, 3, 1))[0]).toBe(2);
  });
});

describe('the driver', () => {
  it('asks for what lies together in one question', () => {
    expect(questions([0, 1, 2, 3, 4, 5, 6, 7, 8])).toEqual([[0, 9]]);
    expect(questions([0, 200, 5])).toEqual([
      [0, 6],
      [200, 1],
    ]);
    expect(questions([0, 10, 20, 30, 130]).every(([, n]) => n <= 125)).toBe(true);
  });
  it('says what a failure means', async () => {
    const nobody = modbusController(DEVICE, { host: '127.0.0.1', port: 1 });
    await expect(nobody.read()).rejects.toThrow('Nothing answers at its address and port.');
    expect(modbusTrouble({ name: 'TransactionTimedOutError', message: 'Timed out' })).toContain(
      'does not answer',
    );
    expect(modbusTrouble({ modbusCode: 2, message: 'x' })).toContain('map of registers');
  });
  it('one that answers slowly is given up on, and the next question is asked afresh', async () => {
    const silent = createServer(() => undefined);
    const port = await new Promise<number>((done) => {
      silent.listen(0, '127.0.0.1', () => {
        const a = silent.address();
        done(typeof a === 'object' && a ? a.port : 0);
      });
    });
    const slow = modbusController(DEVICE, { host: '127.0.0.1', port });
    await expect(slow.read()).rejects.toThrow('does not answer');
    slow.close();
    silent.close();
  });
  it('writes a programme in °F where the controller is set to it, and reads it back', async () => {
    const f = modbusController(
      { ...DEVICE, fahrenheit: true },
      { host: '127.0.0.1', port: standIns.port },
    );
    const words = f.wordsOf(SEND.lines);
    expect(words[0]).toBe(Math.round(10 * (505 * 1.8 + 32)));
    await f.setProgramme(words);
    expect(await f.programme()).toEqual(words);
    expect(() => f.wordsOf(Array.from({ length: 31 }, () => ({ to: 100 })))).toThrow('31 steps');
    f.close();
  });
});

describe('the keeper', () => {
  it('a night is sent, read back, and begins only when it is told to; when it ends is noticed', async () => {
    await until(() => front().answers);
    const run = await keeper.send('front', SEND);
    expect(run.words[4]).toBe(400); // 40.04 K/h: rounded down to 40.0
    standIns.advance(1, 7200);
    await until(() => (front().reading?.at ?? 0) > Date.now() - 100);
    expect(front().reading).toMatchObject({ state: 'idle' });
    expect(front().run?.startedAt).toBeUndefined();
    await keeper.do('front', { what: 'start' });
    expect(front().run?.startedAt).toBeGreaterThan(0);
    await expect(keeper.send('front', SEND)).rejects.toThrow('hold or stop it first');
    standIns.advance(1, 40 * 3600);
    await until(() => front().run?.endedAt !== undefined);
    expect(front().reading?.state).toBe('done');
  });
  it('what another master writes over it is noticed', async () => {
    await until(() => front().answers);
    await keeper.send('front', SEND);
    await other(1, (c) => c.writeSingleRegister(12, 9999));
    await keeper.stop();
    keeper = await deviceKeeper(store, standIns, { every: 20 });
    await until(() => front().changed === true);
  });
  it('a device that keeps something else than was sent: nothing counts as sent', async () => {
    // A map that points its steps at a register where words do not stay as they are written.
    await keeper.keep({ ...DEVICE, registers: { ...ORDINARY_REGISTERS, steps: 0, mostSteps: 1 } });
    await until(() => front().answers);
    await expect(keeper.send('front', SEND)).rejects.toThrow(/.+/);
    expect(front().run).toBeUndefined();
  });
  it('a thermocouple that breaks leaves no temperature behind, and says so', async () => {
    standIns.happens(1, { kind: 'thermocouple breaks' });
    await until(() => front().says !== undefined && front().answers);
    expect(front().says).toContain('thermocouple');
    expect(front().reading?.temperature).toBeUndefined();
    await keeper.flush();
    expect((await store.last('front'))?.temperature).toBeUndefined();
  });
  it('without power it does not answer; that is said, and it is found again', async () => {
    await until(() => front().answers);
    standIns.happens(1, { kind: 'power off', seconds: 3600 });
    await until(() => !front().answers);
    expect(front().says).toContain('without power');
    standIns.advance(1, 3601);
    await until(() => front().answers);
    expect(front().reading?.faults).not.toContain('door');
  });
  it('when the server falls the programme goes on, and the gap is filled from the device’s own log', async () => {
    await until(() => front().answers);
    await keeper.send('front', SEND);
    await keeper.do('front', { what: 'start' });
    await keeper.stop();
    // As if the last reading were ten minutes old: the server was down that long.
    const now = Date.now();
    await db.deleteFrom('device_readings').execute();
    await store.add([{ device: 'front', at: now - 600_000, temperature: 20 }]);
    standIns.advance(1, 660);
    keeper = await deviceKeeper(store, standIns, { every: 20 });
    await until(() => front().answers);
    await keeper.flush();
    const readings = await store.readings('front', now - 700_000, now + 60_000, 100);
    const filled = readings.filter((r) => r.at > now - 590_000 && r.at < now - 30_000);
    expect(filled.length).toBeGreaterThanOrEqual(8);
    // It climbed meanwhile.
    expect(
      (filled[filled.length - 1]?.temperature ?? 0) - (filled[0]?.temperature ?? 0),
    ).toBeGreaterThan(15);
    expect(front().reading?.state).toBe('running');
    expect(front().run?.startedAt).toBeGreaterThan(0);
  });
  it('a stand-in that does not run says how to have it run', async () => {
    await keeper.stop();
    keeper = await deviceKeeper(store, undefined, { every: 20 });
    await until(() => (front().says ?? '').includes('--stand-ins'));
  });
});

describe('readings as they grow old', () => {
  const DAY = 86_400_000;
  it('older than two days a minute keeps its lowest and highest; older than a year ten minutes', async () => {
    const now = 1_900_000_000_000;
    const at = (age: number, n: number, value: (i: number) => number) =>
      Array.from({ length: n }, (_, i) => ({
        device: 'front',
        at: now - age + i * 1000,
        temperature: value(i),
      }));
    const minute = Math.floor((now - 3 * DAY) / 60_000) * 60_000;
    await store.add(at(now - minute, 60, (i) => (i === 17 ? 99 : i === 31 ? 1 : 50)));
    await store.add(at(DAY, 60, () => 50));
    await store.add(at(500 * DAY, 1200, (i) => i));
    await store.thin(now);
    const old = await store.readings('front', minute, minute + 59_999, 100);
    expect(old.map((r) => r.temperature)).toEqual([99, 1]);
    expect(await store.page('front', now - DAY, now, 100)).toHaveLength(60);
    const oldest = await store.page('front', 0, now - 499 * DAY, 1000);
    expect(oldest.length).toBeLessThanOrEqual(6);
    expect(oldest.map((r) => r.temperature)).toEqual(expect.arrayContaining([0, 1199]));
    // Twice thinned is thinned once.
    expect(await store.thin(now)).toBe(0);
  });
});

describe('/api/devices', () => {
  let api: ReturnType<typeof request>;
  beforeEach(() => {
    api = request(createApp({ ...partsOver(db), devices: { keeper, store, standIns } }));
  });
  const body = async <T>(path: string): Promise<T> => (await api.get(path).expect(200)).body as T;

  it('what it says now, sent to, told, made to happen', async () => {
    await until(() => front().answers);
    const [now] = await body<DeviceNow[]>('/api/devices');
    expect(now).toMatchObject({ device: { id: 'front' }, answers: true, speed: 1 });
    await api.post('/api/devices/front/programme').send(SEND).expect(200);
    await api.post('/api/devices/front/happens').send({ kind: 'speed', times: 3600 }).expect(200);
    await api.post('/api/devices/front/do').send({ what: 'start' }).expect(200);
    expect(front()).toMatchObject({ speed: 3600, run: { sent: { name: 'a bowl' } } });
    const again = await api.post('/api/devices/front/programme').send(SEND).expect(409);
    expect((again.body as { error: string }).error).toContain('hold or stop');
  });
  it('refuses with the field: a host that is none, a step too hot, a command that is none, another id', async () => {
    const put = (change: object) => api.put('/api/devices/front').send({ ...DEVICE, ...change });
    expect((await put({ host: 'a b' }).expect(400)).text).toContain('host');
    expect((await put({ port: 0 }).expect(400)).text).toContain('port');
    expect((await put({ id: 'other' }).expect(400)).text).toContain('id');
    const hot = { ...SEND, lines: [{ to: 9000 }] };
    expect((await api.post('/api/devices/front/programme').send(hot).expect(400)).text).toContain(
      'lines[0].to',
    );
    await api.post('/api/devices/front/do').send({ what: 'explode' }).expect(400);
    await api.post('/api/devices/nobody/do').send({ what: 'start' }).expect(409);
    await put({ host: '127.0.0.1', port: 1 }).expect(200);
    await api.post('/api/devices/front/happens').send({ kind: 'all mended' }).expect(409);
    expect(
      (await api.post('/api/devices/front/do').send({ what: 'start' }).expect(502)).text,
    ).toContain('Nothing answers');
    await api.delete('/api/devices/front').expect(200);
    expect(await body('/api/devices')).toEqual([]);
  });
  it('readings come back as they were read, gathered, and as a table a logger’s reader takes', async () => {
    const rows: (DeviceReading & { device: string })[] = Array.from({ length: 600 }, (_, i) => ({
      device: 'front',
      at: 1_800_000_000_000 + i * 60_000,
      temperature: 500 - i / 2,
    }));
    await store.add(rows);
    const span = `from=1800000000000&to=${String(1_800_000_000_000 + 600 * 60_000)}`;
    expect(await body<DeviceReading[]>(`/api/devices/front/readings?${span}`)).toHaveLength(600);
    const gathered = await body<ReadingStretch[]>(`/api/devices/front/stretches?${span}&count=10`);
    expect(gathered.length).toBeGreaterThanOrEqual(10);
    expect(gathered.length).toBeLessThanOrEqual(11);
    expect(Math.max(...gathered.map((g) => g.high))).toBe(500);
    const csv = (await api.get(`/api/devices/front/readings.csv?${span}`).expect(200)).text;
    const read = readLoggerCsv(csv);
    expect(read.ok && read.curve.time.length).toBe(600);
    expect(read.ok && read.unit).toBe('C');
    await api.get('/api/devices/front/stretches?from=x&to=1').expect(400);
  });
});
