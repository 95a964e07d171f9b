// Devices, their readings and what was sent to them. Readings are kept as they came for two days, then by the minute for thirteen months, then
// by ten minutes: of each stretch its lowest and its highest.
import type {
  DeviceDocument,
  DeviceReading,
  ReadingStretch,
  SendProgramme,
  SentRun,
} from '@zanfirico/contract/boxes';
import { sql, type Selectable } from 'kysely';
import type { Database } from '../store/database';
import type { Tables } from '../store/tables';
import { whoAsks } from '../store/who';

/** A programme that was sent, with its words. */
export interface KeptRun extends SentRun {
  readonly words: readonly number[];
}

/** Devices, what was read of them and sent to them. */
export interface DeviceStore {
  devices(): Promise<DeviceDocument[]>;
  keep(device: DeviceDocument): Promise<void>;
  /** Its readings and programmes stay. */
  drop(id: string): Promise<void>;
  /** Readings of any devices; one of the same moment is replaced. */
  add(readings: readonly (DeviceReading & { readonly device: string })[]): Promise<void>;
  /** The newest of a device before a moment. */
  last(device: string, before?: number): Promise<DeviceReading | undefined>;
  /** Readings of a stretch of time, the oldest first: the last of each of so many stretches where there are more. */
  readings(device: string, from: number, to: number, most: number): Promise<DeviceReading[]>;
  /** Every reading from a moment on, so many at most: asked for again from the last on. */
  page(device: string, from: number, to: number, most: number): Promise<DeviceReading[]>;
  /** Gathered into so many stretches. */
  stretches(device: string, from: number, to: number, count: number): Promise<ReadingStretch[]>;
  /** Thins what has grown old; how many went. */
  thin(now: number): Promise<number>;
  send(
    device: string,
    sent: SendProgramme,
    words: readonly number[],
    now: number,
  ): Promise<KeptRun>;
  /** The newest programme of a device. */
  run(device: string): Promise<KeptRun | undefined>;
  mark(run: number, when: { startedAt?: number; endedAt?: number }): Promise<void>;
}

const DAY = 86_400_000;
/** From this age on by stretches of so many ms. */
const THINNED = [
  { older: 2 * DAY, to: 60_000 },
  { older: 400 * DAY, to: 600_000 },
] as const;
/** Readings written in one statement: SQLite takes 32 766 values. */
const AT_ONCE = 1000;

type Row = Selectable<Tables['device_readings']>;

const toReading = (r: Row): DeviceReading => ({
  at: r.at,
  ...(r.temperature !== null && { temperature: r.temperature }),
  ...(r.lower !== null && { lower: r.lower }),
  ...(r.set_point !== null && { setPoint: r.set_point }),
  ...(r.output !== null && { output: r.output }),
  ...(r.state !== null && { state: r.state }),
  ...(r.step !== null && { step: r.step }),
  ...(r.faults !== null && { faults: r.faults === '' ? [] : r.faults.split('|') }),
  ...(r.elapsed !== null && { elapsed: r.elapsed }),
});

const tenth = (v: number | undefined): number | null =>
  v === undefined ? null : Math.round(10 * v) / 10;

const toRow = (r: DeviceReading & { readonly device: string }): Row => ({
  device: r.device,
  at: Math.round(r.at),
  temperature: tenth(r.temperature),
  lower: tenth(r.lower),
  set_point: tenth(r.setPoint),
  output: r.output ?? null,
  state: r.state ?? null,
  step: r.step ?? null,
  faults: r.faults?.join('|') ?? null,
  elapsed: r.elapsed ?? null,
});

const toRun = (r: Selectable<Tables['device_runs']>): KeptRun => ({
  id: r.id,
  device: r.device,
  sentAt: r.sent_at,
  ...(r.started_at !== null && { startedAt: r.started_at }),
  ...(r.ended_at !== null && { endedAt: r.ended_at }),
  sent: JSON.parse(r.sent) as SendProgramme,
  words: JSON.parse(r.words) as number[],
});

const readingsOf = (db: Database, device: string) =>
  db.selectFrom('device_readings').selectAll().where('device', '=', device);

/** Devices as they are set up. */
const devicesOf = (db: Database): Pick<DeviceStore, 'devices' | 'keep' | 'drop'> => ({
  async devices() {
    const rows = await db.selectFrom('devices').select('device').orderBy('id').execute();
    return rows.map((r) => JSON.parse(r.device) as DeviceDocument);
  },
  async keep(device) {
    const text = JSON.stringify(device);
    await db
      .insertInto('devices')
      .values({ id: device.id, device: text })
      .onConflict((c) => c.column('id').doUpdateSet({ device: text }))
      .execute();
  },
  async drop(id) {
    await db.deleteFrom('devices').where('id', '=', id).execute();
  },
});

/** What was read of them. */
const readingKeeping = (
  db: Database,
): Pick<DeviceStore, 'add' | 'last' | 'readings' | 'page' | 'stretches' | 'thin'> => ({
  async add(readings) {
    if (readings.length === 0) return;
    await db.transaction().execute(async (tx) => {
      for (let i = 0; i < readings.length; i += AT_ONCE)
        await tx
          .insertInto('device_readings')
          .orReplace()
          .values(readings.slice(i, i + AT_ONCE).map(toRow))
          .execute();
    });
  },
  async last(device, before) {
    let q = readingsOf(db, device).orderBy('at', 'desc').limit(1);
    if (before !== undefined) q = q.where('at', '<', before);
    const row = await q.executeTakeFirst();
    return row && toReading(row);
  },
  async readings(device, from, to, most) {
    const wide = Math.max(1, Math.ceil((to - from) / most));
    // SQLite takes the other columns of a group from the row its one max() comes from.
    const { rows } = await sql<Row>`
      select device, max(at) as at, temperature, lower, set_point, output, state, step, faults, elapsed
      from device_readings where device = ${device} and at >= ${from} and at <= ${to}
      group by cast(at / ${wide} as integer) order by at`.execute(db);
    return rows.map(toReading);
  },
  async page(device, from, to, most) {
    const rows = await readingsOf(db, device)
      .where('at', '>=', from)
      .where('at', '<=', to)
      .orderBy('at')
      .limit(most)
      .execute();
    return rows.map(toReading);
  },
  async stretches(device, from, to, count) {
    const wide = Math.max(1, Math.ceil((to - from) / count));
    const found: ReadingStretch[] = [];
    // One question a stretch: grouped in one, SQLite sorts every reading first, and takes nearly three times as long.
    for (let at = from; at <= to; at += wide) {
      const row = await db
        .selectFrom('device_readings')
        .select((e) => [
          e.fn.min('at').as('at'),
          e.fn.min('temperature').as('low'),
          e.fn.max('temperature').as('high'),
          e.fn.avg('temperature').as('mean'),
        ])
        .where('device', '=', device)
        .where('at', '>=', at)
        .where('at', '<', Math.min(at + wide, to + 1))
        .where('temperature', 'is not', null)
        .executeTakeFirst();
      if (row?.at != null && row.low !== null && row.high !== null)
        found.push({ at: row.at, low: row.low, high: row.high, mean: Number(row.mean) });
    }
    return found;
  },
  async thin(now) {
    let went = 0;
    for (const { older, to } of THINNED) {
      const result = await sql`
        delete from device_readings where at < ${now - older} and (device, at) not in (
          select device, at from (
            select device, at,
              row_number() over (partition by device, cast(at / ${to} as integer) order by temperature, at) as lowest,
              row_number() over (partition by device, cast(at / ${to} as integer) order by temperature desc, at desc) as highest
            from device_readings where at < ${now - older})
          where lowest = 1 or highest = 1)`.execute(db);
      went += Number(result.numAffectedRows ?? 0);
    }
    return went;
  },
});

/** What was sent to them. */
const runsOf = (db: Database): Pick<DeviceStore, 'send' | 'run' | 'mark'> => ({
  async send(device, sent, words, now) {
    await db
      .updateTable('device_runs')
      .set({ ended_at: now })
      .where('device', '=', device)
      .where('ended_at', 'is', null)
      .execute();
    const row = await db
      .insertInto('device_runs')
      .values({
        device,
        sent_at: now,
        started_at: null,
        ended_at: null,
        sent: JSON.stringify(sent),
        words: JSON.stringify(words),
        made_by: whoAsks(),
      })
      .returningAll()
      .executeTakeFirstOrThrow();
    return toRun(row);
  },
  async run(device) {
    const row = await db
      .selectFrom('device_runs')
      .selectAll()
      .where('device', '=', device)
      .orderBy('id', 'desc')
      .limit(1)
      .executeTakeFirst();
    return row && toRun(row);
  },
  async mark(run, { startedAt, endedAt }) {
    await db
      .updateTable('device_runs')
      .set({
        ...(startedAt !== undefined && { started_at: startedAt }),
        ...(endedAt !== undefined && { ended_at: endedAt }),
      })
      .where('id', '=', run)
      .execute();
  },
});

/** The store over an open database. */
export const deviceStore = (db: Database): DeviceStore => ({
  ...devicesOf(db),
  ...readingKeeping(db),
  ...runsOf(db),
});
