// Talking to the server: every failure is a sentence a person can act on.
import { tr, trWord } from '@zanfirico/core/words';
import {
  LOG_AT_ONCE,
  NOW,
  type ErrorBody,
  type RevisionLine,
  type SavedPiece,
  type SavedShop,
  type SavePiece,
  type SaveShop,
  type ShelfMade,
  type ShelfOrder,
  type ShelfPage,
  type ShelfSize,
  type TagLine,
  type WhoIsIn,
} from '@zanfirico/contract';
import type {
  DeviceDo,
  DeviceDocument,
  DeviceHappen,
  DeviceNow,
  DeviceReading,
  ReadingStretch,
  SendProgramme,
  SentRun,
} from '@zanfirico/contract/boxes';
import type {
  LogLine,
  LogPage,
  MakingBegin,
  MakingEvent,
  MakingLine,
  StepPace,
  Taught,
} from '@zanfirico/contract/making';
import type { PieceDocument } from '@zanfirico/contract/piece';
import type {
  KeptEntry,
  KeptTest,
  NewTest,
  RackEntry,
  SaveEntry,
  SavedRack,
} from '@zanfirico/contract/rack';
import type { KeptWeighIn, NewWeighIn } from '@zanfirico/contract/shop';
import type { BundleRead } from '@zanfirico/contract/studio';
import type { ShelfFacts } from '@zanfirico/core/piece';
import { KEPT_AT } from './kept';
import { clockTold, useServer } from './server';

/** A refusal by the server, or no answer at all (status 0). */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly body: ErrorBody,
  ) {
    super(body.error);
  }
}

/** Asks the API; an answer that is a refusal is thrown as one. */
export async function call<T>(
  path: string,
  method = 'GET',
  body?: string,
  key?: string,
): Promise<T> {
  const response = await asked(path, {
    method,
    ...(body !== undefined && {
      body,
      headers: {
        'Content-Type': 'application/json',
        ...(key !== undefined && { 'Idempotency-Key': key }),
      },
    }),
  });
  return response.status === 204 ? (undefined as T) : ((await response.json()) as T);
}

/** The server's answer where it is none of its refusals. */
async function asked(path: string, init: RequestInit): Promise<Response> {
  let response: Response;
  const sent = Date.now();
  try {
    response = await fetch(`/api${path}`, init);
  } catch {
    useServer.getState().silent();
    throw new Refused(0, {
      error: tr`The server does not answer. Your changes stay here; try again when it runs.`,
    });
  }
  const keptAt = response.headers.get(KEPT_AT);
  if (keptAt === null) {
    useServer.getState().heard();
    clockTold(response.headers.get(NOW), sent, Date.now());
  } else useServer.getState().silent(keptAt);
  if (response.ok) return response;
  if (response.status === 401) useServer.getState().putOut();
  const refusal = (await response.json().catch(() => undefined)) as ErrorBody | undefined;
  throw new Refused(
    response.status,
    refusal ?? { error: tr`The server answered ${response.status}.` },
  );
}

/** Does the server answer? What it says of itself is never one of its last answers. */
export const isThere = (): Promise<boolean> =>
  asked('/health', {}).then(
    () => true,
    () => false,
  );

/** A page of the shelf, of the pieces chosen, from the one in place `from`. */
export const shelfPage = (chosen: Chosen, from: number): Promise<ShelfPage<ShelfFacts>> =>
  call(
    `/pieces?${new URLSearchParams(
      Object.entries({ ...chosen, from }).flatMap(([key, value]) =>
        value === undefined ? [] : [[key, String(value)]],
      ),
    ).toString()}`,
  );

/** Which pieces of the shelf, and in which order. */
export interface Chosen {
  readonly putAway: boolean;
  readonly find: string;
  readonly by?: ShelfOrder | undefined;
  readonly glass?: string | undefined;
  readonly way?: 'furnace' | 'torch' | 'kiln' | undefined;
  readonly tag?: string | undefined;
  readonly size?: ShelfSize | undefined;
  readonly made?: ShelfMade | undefined;
}

/** Pieces as the shelf tells them, by their ids: at most SHELF_PAGE of them. */
export const shelfLines = (ids: readonly string[]): Promise<ShelfPage<ShelfFacts>> =>
  call(`/pieces?ids=${ids.join(',')}`);

/** A piece's newest revision. */
export const readPiece = (id: string): Promise<SavedPiece> => call(`/pieces/${id}`);

/** A name for one making: asked for again under it, by a double click or after a lost answer, it is made once. */
export const newKey = (): string => crypto.randomUUID();

/** A new piece; asked for twice under one key it is made once. */
export const createPiece = (document: PieceDocument, key: string): Promise<SavedPiece> =>
  call('/pieces', 'POST', JSON.stringify({ document }), key);

/** A name has room for what a copy is called after it, letters. */
const MOST_NAME = 70;

/** The same once more, a piece of its own. */
export const createAgain = (document: PieceDocument): Promise<SavedPiece> =>
  createPiece({ ...document, name: tr`${document.name.slice(0, MOST_NAME)} again` }, newKey());

/** Reads a piece file in; the server judges the raw text. */
export const importPiece = (text: string, key: string): Promise<SavedPiece> =>
  call('/pieces/import', 'POST', text, key);

const bytesOf = async (answer: Response): Promise<Uint8Array<ArrayBuffer>> =>
  new Uint8Array(await answer.arrayBuffer());

/** Every tag of the pieces on the shelf, and how many have it. */
export const listTags = (): Promise<TagLine[]> => call('/pieces/tags');

/** What is asked, as an address has it; what is not is left out. */
const asQuery = (asked: Readonly<Record<string, string | number | undefined>>): string =>
  new URLSearchParams(
    Object.entries(asked).flatMap(([key, value]) =>
      value === undefined || value === '' ? [] : [[key, String(value)]],
    ),
  ).toString();

/** What goes with the pieces of a bundle. */
export type BundleTicks = Readonly<
  Partial<Record<'makings' | 'photos' | 'people' | 'shop', boolean>>
>;

/** Pieces as one zip, with the rack entries they are of, and what is ticked: those of these ids, or all there are. */
export async function takeBundle(
  ids?: readonly string[],
  { makings, photos, people, shop }: BundleTicks = {},
): Promise<Uint8Array<ArrayBuffer>> {
  const tick = (on: boolean | undefined): string | undefined => (on === true ? '1' : undefined);
  const query = asQuery({
    ids: ids?.join(','),
    makings: tick(makings),
    photos: tick(makings && photos),
    people: tick(makings && people),
    shop: tick(shop),
  });
  return bytesOf(await asked(`/bundle?${query}`, {}));
}

/** The glass of a piece fused to one skin, as binary STL. */
export const fusedStl = async (document: PieceDocument): Promise<Uint8Array<ArrayBuffer>> =>
  bytesOf(
    await asked('/fused', {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ document }),
    }),
  );

/** Reads a bundle in: all of it or nothing. */
export const readInBundle = async (zip: Blob): Promise<BundleRead> =>
  (await (
    await asked('/bundle', {
      method: 'POST',
      headers: { 'Content-Type': 'application/zip' },
      body: await zip.arrayBuffer(),
    })
  ).json()) as BundleRead;

/** A piece saved over the revision it was begun from; 409 where there is a newer one. */
export const savePiece = (id: string, save: SavePiece): Promise<SavedPiece> =>
  call(`/pieces/${id}`, 'PUT', JSON.stringify(save));

/** Puts a piece away, or back on the shelf. */
export const putAway = (id: string, away: boolean): Promise<void> =>
  call(`/pieces/${id}/put-away`, 'POST', JSON.stringify({ putAway: away }));

/** Throws away what is put away; it can be taken back until the server starts again. */
export const throwAway = (id: string, thrownAway: boolean): Promise<void> =>
  call(`/pieces/${id}/throw-away`, 'POST', JSON.stringify({ thrownAway }));

/** Who else has a piece open, and what is newest of it. */
export const whoIsIn = (id: string, tab: string): Promise<WhoIsIn> =>
  call(`/pieces/${id}/here?tab=${tab}`);

/** A piece's revisions, the newest first. */
export const listRevisions = (id: string): Promise<RevisionLine[]> =>
  call(`/pieces/${id}/revisions`);

/** One of them, whole. */
export const readRevision = (id: string, revision: number): Promise<SavedPiece> =>
  call(`/pieces/${id}/revisions/${String(revision)}`);

/** What the shop has. */
export const readShop = (): Promise<SavedShop> => call('/shop');

/** The shop saved over the revision it was begun from. */
export const saveShop = (save: SaveShop): Promise<SavedShop> =>
  call('/shop', 'PUT', JSON.stringify(save));

/** Gathers that were weighed. */
export const readWeighIns = (): Promise<KeptWeighIn[]> => call('/weigh-ins');

/** A gather that was weighed is kept. */
export const logWeighIn = (entry: NewWeighIn): Promise<KeptWeighIn> =>
  call('/weigh-ins', 'POST', JSON.stringify(entry));

/** What a hand's scale taught counts no more, by iron (m) and glass. */
export const resetWeighIns = (person: string, ironDiameter: number, glass: string): Promise<void> =>
  call('/weigh-ins/reset', 'POST', JSON.stringify({ person, ironDiameter, glass }));

/** The shop's own glasses and colours, and its tests. */
export const readRack = (): Promise<SavedRack> => call('/rack');

/** An entry saved over the revision it was begun from. */
export const keepEntry = (save: SaveEntry): Promise<KeptEntry> =>
  call('/rack/entries', 'PUT', JSON.stringify(save));

/** An entry dropped; refused where something names it. */
export const dropEntry = (id: string): Promise<void> => call(`/rack/entries/${id}`, 'DELETE');

/** Many entries at once, all or none. */
export const importEntries = (entries: readonly RackEntry[]): Promise<KeptEntry[]> =>
  call('/rack/import', 'POST', JSON.stringify({ entries }));

/** A test of a pair is kept. */
export const keepTest = (test: NewTest): Promise<KeptTest> =>
  call('/rack/tests', 'POST', JSON.stringify(test));

/** A test counts, or not. */
export const countTest = (id: number, counts: boolean): Promise<void> =>
  call(`/rack/tests/${String(id)}/count`, 'POST', JSON.stringify({ counts }));

/** Makings, the newest first. */
export const listMakings = (): Promise<MakingLine[]> => call('/makings');

/** What is asked of the log. */
export type LogAsked = Readonly<
  Partial<
    Record<
      'find' | 'outcome' | 'since' | 'until' | 'lead' | 'annealer' | 'piece' | 'cause',
      string | undefined
    >
  >
>;
/** A page of the log. */
export const fetchLog = (asked: LogAsked & { readonly from?: number }): Promise<LogPage> =>
  call(`/log?${asQuery(asked)}`);

/** All of it that is so, the oldest first. */
export async function readAllOf(asked: LogAsked): Promise<LogLine[]> {
  const all: LogLine[] = [];
  for (;;) {
    const some = await call<LogLine[]>(`/log/all?${asQuery({ ...asked, from: all.length })}`);
    all.push(...some);
    if (some.length < LOG_AT_ONCE) return all;
  }
}

/** Every making that came out or was given up. */
export const readCame = (): Promise<LogLine[]> => readAllOf({ outcome: 'came' });

/** Boxes and furnaces that can be asked, as they are now. */
/** What a device says of itself the server was told while nobody asked, in English. */
export const readDevices = async (): Promise<DeviceNow[]> =>
  (await call<DeviceNow[]>('/devices')).map((d) =>
    d.says === undefined ? d : { ...d, says: trWord(d.says) },
  );

/** A device set up, or otherwise. */
export const keepDevice = (device: DeviceDocument): Promise<DeviceDocument> =>
  call(`/devices/${device.id}`, 'PUT', JSON.stringify(device));

/** A device taken away, with what was read of it. */
export const dropDevice = (id: string): Promise<unknown> => call(`/devices/${id}`, 'DELETE');

/** Written to the controller and read back the same, or refused; nothing is begun. */
export const sendProgramme = (id: string, programme: SendProgramme): Promise<SentRun> =>
  call(`/devices/${id}/programme`, 'POST', JSON.stringify(programme));

/** A controller told what to do: by a person's key alone. */
export const tellDevice = (id: string, what: DeviceDo): Promise<unknown> =>
  call(`/devices/${id}/do`, 'POST', JSON.stringify(what));

/** Something happens to a stand-in. */
export const happenTo = (id: string, what: DeviceHappen): Promise<unknown> =>
  call(`/devices/${id}/happens`, 'POST', JSON.stringify(what));

const stretch = (from: number, to: number): string =>
  `from=${String(Math.floor(from))}&to=${String(Math.ceil(to))}`;

/** Readings between two moments, ms: as many as can be drawn. */
export const readReadings = (id: string, from: number, to: number): Promise<DeviceReading[]> =>
  call(`/devices/${id}/readings?${stretch(from, to)}`);

/** The lowest and highest of each stretch between two moments, ms. */
export const readStretches = (id: string, from: number, to: number): Promise<ReadingStretch[]> =>
  call(`/devices/${id}/stretches?${stretch(from, to)}`);

/** Where all readings between two moments are as a table. */
export const readingsTable = (id: string, from: number, to: number): string =>
  `/api/devices/${id}/readings.csv?${stretch(from, to)}`;

/** What there is to learn from, begun since a moment, ms. */
export const readTaught = (since: number): Promise<Taught> =>
  call(`/log/taught?since=${String(since)}`);

/** What steps took here, by kind and person. */
export const readPace = (): Promise<StepPace[]> => call('/makings/pace');

/** A whole making from a file's text: kept, or refused with the field. */
export const readInMaking = (text: string): Promise<{ readonly id: string }> =>
  call('/makings/read-in', 'POST', text);

/** A picture under its id; sent again it is kept once. */
export async function sendPhoto(id: string, picture: Blob): Promise<void> {
  await asked(`/photos/${id}`, {
    method: 'PUT',
    headers: { 'Content-Type': 'image/jpeg' },
    body: await picture.arrayBuffer(),
  });
}

/** A making, with what happened in it from a place on. */
export const fetchMaking = (
  id: string,
  from = 0,
): Promise<{ readonly begin: MakingBegin; readonly events: MakingEvent[] }> =>
  call(`/makings/${id}?from=${String(from)}`);

/** A making begun. */
export const beginMaking = (begin: MakingBegin): Promise<{ readonly id: string }> =>
  call('/makings', 'POST', JSON.stringify(begin));

/** These happened; sent again they are kept once. */
export const sendEvents = (id: string, events: readonly MakingEvent[]): Promise<unknown> =>
  call(`/makings/${id}/events`, 'POST', JSON.stringify({ events }));

/** The sentence of any failure. */
export const sentenceOf = (error: unknown): string =>
  error instanceof Error ? error.message : tr`Something went wrong.`;
