// The whole application in a page without a browser, against the real server on a database in memory: any address, any person's hands, no browser.
import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent, { type UserEvent } from '@testing-library/user-event';
import type { SavedPiece } from '@zanfirico/contract';
import type { PieceDocument } from '@zanfirico/contract/piece';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { createApp } from '../../server/src/app';
import { partsOver } from '../../server/src/app.fixture';
import { DEMO_STAND_INS, demoDevices } from '../../server/src/demo/demoDevices';
import { demoPieces } from '../../server/src/demo/demoPieces';
import { demoShop } from '../../server/src/demo/demoShop';
import { stockDemo } from '../../server/src/demo/stockDemo';
import { deviceKeeper } from '../../server/src/boxes/keeper';
import { startStandIns } from '../../server/src/boxes/standIns';
import { openDatabase, type Database } from '../../server/src/store/database';
import { deviceStore } from '../../server/src/boxes/deviceStore';
import type { PieceStore } from '../../server/src/piece/pieceStore';
import { setOpen } from './opened';
import { forgetHours } from '../src/night/knownHours';
import { answers } from '../src/api/queries';
import { routes } from '../src/routes';
import { useBoard } from '../src/stores/board';
import { useDraft } from '../src/stores/draft';
import { draftsOf, dropDraft } from '../src/stores/drafts';
import { useNotices } from '../src/stores/notices';
import { useRack } from '../src/stores/theRack';
import { useShop } from '../src/stores/theShop';

/** A house with its server running. */
export interface House {
  readonly url: string;
  readonly store: PieceStore;
  readonly close: () => Promise<void>;
}

const fetchOutside = globalThis.fetch;

/** Opens a house; with the demo's pieces and rack on its shelf, and with the demo's boxes as stand-ins, where they are wanted. */
export async function openHouse(demo = false, boxes = false): Promise<House> {
  setOpen(true);
  const db: Database = await openDatabase(':memory:');
  const devices = boxes ? await openBoxes(db) : undefined;
  const parts = { ...partsOver(db), devices };
  const { store, rack } = parts;
  if (demo) {
    await stockDemo(store, rack);
    await demoShop(parts.shop);
  }
  const app = createApp(parts);
  const server: Server = await new Promise((done) => {
    const s = app.listen(0, '127.0.0.1', () => {
      done(s);
    });
  });
  const url = `http://127.0.0.1:${String((server.address() as AddressInfo).port)}`;
  globalThis.fetch = (path, init) => fetchOutside(new URL(path as string, url), init);
  return {
    url,
    store,
    close: async () => {
      setOpen(false);
      globalThis.fetch = fetchOutside;
      server.closeAllConnections();
      await new Promise((done) => server.close(done));
      await devices?.keeper.stop();
      await devices?.standIns.close();
      await db.destroy();
    },
  };
}

async function openBoxes(db: Database) {
  const store = deviceStore(db);
  await demoDevices(store, Date.now());
  const standIns = await startStandIns(DEMO_STAND_INS);
  return { store, standIns, keeper: await deviceKeeper(store, standIns, { every: 100 }) };
}

/** Everything the page remembers, forgotten: as a browser that was never here. */
export async function forgetAll(): Promise<void> {
  for (const draft of await draftsOf()) await dropDraft(draft);
  localStorage.clear();
  sessionStorage.clear();
  forgetHours();
  answers.clear();
  useBoard.setState({
    part: 0,
    bit: undefined,
    point: undefined,
    leaf: 'draw',
    turning: false,
    snap: true,
  });
  useDraft.setState({ id: undefined, document: undefined, saved: undefined, baseRevision: 0 });
  useDraft.temporal.getState().clear();
  useNotices.setState(useNotices.getInitialState());
  useRack.setState(useRack.getInitialState());
  useShop.setState(useShop.getInitialState());
}

/** One house for all tests of a file; each test comes to it as a browser that was never here. */
export function houseForAll(demo = false, boxes = false): House {
  const house = {} as { -readonly [K in keyof House]: House[K] };
  beforeAll(async () => {
    Object.assign(house, await openHouse(demo, boxes));
  });
  afterAll(() => house.close());
  beforeEach(forgetAll);
  return house;
}

/** The newest revision of a demo piece. */
export function demoPiece(name: string): PieceDocument {
  const found = demoPieces()
    .flat()
    .filter((d) => d.name === name)
    .at(-1);
  if (!found) throw new Error(`the demo has no ${name}`);
  return found;
}

/** Every piece on a house's shelf, with its document. */
export async function onTheShelf(house: House): Promise<SavedPiece[]> {
  const { lines } = await house.store.page({ putAway: false });
  const pieces = await Promise.all(lines.map((l) => house.store.get(l.id)));
  return pieces.flatMap((p) => p ?? []);
}

/** The application at an address; a hand to work it with. */
export function openAt(path: string): { readonly user: UserEvent; readonly at: () => string } {
  const router = createMemoryRouter(routes, { initialEntries: [path] });
  // Hands that lose no time between two keys.
  const user = userEvent.setup({ delay: null });
  render(<RouterProvider router={router} />);
  return { user, at: () => router.state.location.pathname };
}

/** Keeps a piece and opens one of its sheets; waits for its answers. */
export async function openSheet(
  house: House,
  document: PieceDocument,
  sheet = 'section',
): Promise<{ readonly user: UserEvent; readonly piece: SavedPiece; readonly at: () => string }> {
  const piece = await house.store.create(document);
  const opened = openAt(`/pieces/${piece.id}/${sheet}`);
  const band = await screen.findByRole('region', { name: 'Answers' });
  await within(band).findByText(/Door/);
  return { ...opened, piece };
}

/** A text as a file a person chooses. */
export const textFile = (name: string, text: string, type = 'text/csv'): File =>
  new File([text], name, { type });

/** Types into a field and leaves it by Enter. */
export async function typeInto(user: UserEvent, field: HTMLElement, text: string): Promise<void> {
  await user.clear(field);
  await user.type(field, `${text}{Enter}`);
}

/** The night has been put through the simulation. */
export const nightChecked = (): Promise<void> =>
  waitFor(() => {
    expect(screen.queryByText(/being checked|being simulated|is looked for/)).toBeNull();
  });

/** The document on the board now. */
export function onBoard(): PieceDocument {
  const { document } = useDraft.getState();
  if (!document) throw new Error('no piece is on the board');
  return document;
}
