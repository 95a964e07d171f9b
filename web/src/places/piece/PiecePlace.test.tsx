// A piece on the board: saved, undone, brought back, shared; nothing of it is lost, and a crash stays in its place.
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { SavedPiece } from '@zanfirico/contract';
import { upgradePiece, type PieceDocument } from '@zanfirico/contract/piece';
import { openDB } from 'idb';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Link, Outlet, type RouteObject, RouterProvider, createMemoryRouter } from 'react-router';
import { render } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { fetched } from '../../shell/fetched';
import { PlaceBroke } from '../../shell/PlaceBroke';
import { useDraft } from '../../stores/draft';
import { draftsKept, draftsOf } from '../../stores/drafts';
import {
  demoPiece,
  houseForAll,
  onBoard,
  openAt,
  openSheet,
  typeInto,
} from '../../../testing/house';
import { freshDocument } from '../pieces/freshDocument';
import { seen } from '../../../testing/seen';

const house = houseForAll();

const bowl = (name = 'Kept bowl'): PieceDocument =>
  freshDocument({ name, form: 'bowl', glass: 'soft-batch-96' });

describe('the page goes in the middle of a change', () => {
  it('what the database has not got yet is put down at once, and put away once it has', async () => {
    const { piece } = await openSheet(house, bowl('Gone at once'));
    useDraft.getState().change((d) => ({ ...d, notes: 'the last word' }));
    window.dispatchEvent(new Event('pagehide'));
    const put = localStorage.getItem(`zanfirico.draft.${piece.id}`);
    expect(JSON.parse(put ?? '{}')).toMatchObject({
      baseRevision: 1,
      document: { notes: 'the last word' },
    });
    await draftsKept();
    expect(localStorage.getItem(`zanfirico.draft.${piece.id}`)).toBeNull();
    expect((await draftsOf(piece.id))[0]?.document).toMatchObject({ notes: 'the last word' });
  });
  it('and the next page takes over what was put down', async () => {
    const piece = await house.store.create(bowl('Taken over'));
    const document = { ...bowl('Taken over'), notes: 'put down' };
    localStorage.setItem(
      `zanfirico.draft.${piece.id}`,
      JSON.stringify({ baseRevision: 1, document }),
    );
    openAt(`/pieces/${piece.id}/section`);
    await seen(() => screen.getByText(/Changes you had not saved were kept/));
    expect(onBoard().notes).toBe('put down');
  });
});

describe('saving', () => {
  it('keeps a revision, and an old one can be brought back', async () => {
    const { user, piece } = await openSheet(house, bowl());
    await typeInto(user, await screen.findByLabelText('Point 6 radius'), '90');
    await user.keyboard('{Control>}s{/Control}');
    await seen(() => screen.getByText('Saved as revision 2.'));
    expect((await house.store.get(piece.id))?.document.parts[0]?.profile[5]?.radius).toBe(0.09);
    await user.click(screen.getByRole('button', { name: 'Revision 2' }));
    const dialog = await screen.findByRole('dialog', { name: 'Revisions' });
    await user.click(await within(dialog).findByRole('button', { name: /^1 / }));
    await user.click(await within(dialog).findByRole('button', { name: 'Bring revision 1 back' }));
    expect(onBoard().parts).toEqual(piece.document.parts);
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await seen(() => screen.getByText('Saved as revision 3.'));
    expect(await house.store.revisions(piece.id)).toHaveLength(3);
  });

  it('two people saving: both are offered, neither is lost', async () => {
    const { user, piece } = await openSheet(house, bowl('Shared bowl'));
    await house.store.save(piece.id, 1, { ...piece.document, notes: 'theirs' });
    await user.click(screen.getByRole('tab', { name: 'Make' }));
    fireEvent.change(await screen.findByLabelText('Notes'), { target: { value: 'mine' } });
    await user.keyboard('{Control>}s{/Control}');
    const dialog = await screen.findByRole('dialog', { name: 'Someone saved first' });
    expect(dialog).toHaveTextContent('theirs');
    expect(dialog).toHaveTextContent('mine');
    await user.click(within(dialog).getByRole('button', { name: 'Save mine on top' }));
    await seen(() => screen.getByRole('button', { name: 'Revision 3' }));
    const kept = await Promise.all([2, 3].map((r) => house.store.revision(piece.id, r)));
    expect(kept.map((k) => k?.document.notes)).toEqual(['theirs', 'mine']);
  });

  it('without a server it says so, and the board keeps everything', async () => {
    const { user } = await openSheet(house, bowl('Away bowl'));
    await typeInto(user, await screen.findByLabelText('Point 6 radius'), '91');
    const { fetch } = globalThis;
    globalThis.fetch = () => Promise.reject(new Error('away'));
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await seen(() => screen.getByText(/The server does not answer. Your changes stay here/));
    globalThis.fetch = fetch;
    expect(onBoard().parts[0]?.profile[5]?.radius).toBe(0.091);
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await seen(() => screen.getByText('Saved as revision 2.'));
  });
});

describe('what is not saved', () => {
  it('comes back when the piece is opened again, and can be dropped', async () => {
    const first = await openSheet(house, bowl('Unsaved bowl'));
    await typeInto(first.user, await screen.findByLabelText('Point 6 radius'), '92');
    expect(await draftsOf(first.piece.id)).toMatchObject([{ name: 'Unsaved bowl' }]);
    useDraft.setState({ id: undefined, document: undefined, saved: undefined });
    document.body.innerHTML = '';
    const { user } = openAt(`/pieces/${first.piece.id}/section`);
    await seen(() => screen.getByText(/Changes you had not saved were kept/));
    expect(onBoard().parts[0]?.profile[5]?.radius).toBe(0.092);
    await user.click(screen.getByRole('button', { name: 'Drop them' }));
    expect(onBoard()).toEqual(first.piece.document);
  });

  /** What another tab, which is gone or not, left of a piece. */
  const leave = async (piece: SavedPiece, tab: string, change: object): Promise<void> => {
    await draftsOf();
    const db = await openDB('zanfirico');
    const document = { ...piece.document, ...change };
    const at = Date.now() - 60_000;
    await db.put('drafts', {
      piece: piece.id,
      tab,
      at,
      name: document.name,
      baseRevision: 1,
      document,
    });
    db.close();
  };

  it('of a tab that is gone go on the board; dropped, the next save is no conflict', async () => {
    const piece = await house.store.create(bowl('Two tabs'));
    await leave(piece, 'gone', { notes: 'from the other' });
    await house.store.save(piece.id, 1, { ...piece.document, notes: 'saved meanwhile' });
    const { user } = openAt(`/pieces/${piece.id}/section`);
    await user.click(await screen.findByRole('button', { name: 'Drop them' }));
    await typeInto(user, await screen.findByLabelText('Point 6 radius'), '93');
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await seen(() => screen.getByText('Saved as revision 3.'));
    expect(await draftsOf(piece.id)).toEqual([]);
  });

  long(
    'of two tabs that are gone both are there: the newer on the board, the older named with the revisions',
    async () => {
      const piece = await house.store.create(bowl('Three tabs'));
      await leave(piece, 'older', { name: 'The older' });
      await leave(piece, 'newer', { name: 'The newer' });
      const { user } = openAt(`/pieces/${piece.id}/section`);
      await seen(() => screen.getByText(/Changes you had not saved were kept/));
      const other = onBoard().name === 'The newer' ? 'The older' : 'The newer';
      await user.click(screen.getByRole('button', { name: /^Revision \d/ }));
      const list = await screen.findByRole('region', { name: 'Unsaved changes elsewhere' });
      expect(list).toHaveTextContent(other);
      await user.click(within(list).getByRole('button', { name: 'Put on the board' }));
      expect(onBoard().name).toBe(other);
    },
  );

  it('that lack a field are told, kept as they are, and can be dropped; the piece opens', async () => {
    const piece = await house.store.create(bowl('Damaged draft'));
    await leave(piece, 'gone', { making: undefined });
    const { user } = openAt(`/pieces/${piece.id}/section`);
    await seen(() => screen.getByText(/cannot be put on the board: making is missing/));
    expect(onBoard()).toEqual(piece.document);
    await user.click(screen.getByRole('button', { name: 'See them' }));
    const list = await screen.findByRole('region', { name: 'Unsaved changes elsewhere' });
    expect(list).toHaveTextContent('Cannot be read: making is missing');
    await user.click(within(list).getByRole('button', { name: 'Drop' }));
    await waitFor(() => {
      expect(screen.queryByRole('region', { name: 'Unsaved changes elsewhere' })).toBeNull();
    });
    expect(await draftsOf(piece.id)).toEqual([]);
  });

  it('a browser without room says so once, and goes on', async () => {
    const { user } = await openSheet(house, bowl('No room'));
    const put = jest.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('no room', 'QuotaExceededError');
    });
    await typeInto(user, await screen.findByLabelText('Point 6 radius'), '94');
    await seen(() => screen.getByText(/storage is full: .* Save now/));
    await typeInto(user, screen.getByLabelText('Point 6 radius'), '95');
    expect(screen.getAllByText(/storage is full/)).toHaveLength(1);
    expect(onBoard().parts[0]?.profile[5]?.radius).toBe(0.095);
    put.mockRestore();
  });

  it('kept by a page of yesterday, of version 1, it opens today with its parts named', async () => {
    const file = join(__dirname, '../../../../contract/fixtures/piece-1/quay-goblet-1.json');
    const old = JSON.parse(readFileSync(file, 'utf8')) as { notes: string };
    const piece = await house.store.create(upgradePiece(old) as PieceDocument);
    localStorage.setItem(
      `zanfirico.draft.${piece.id}`,
      JSON.stringify({ baseRevision: 1, document: { ...old, notes: 'from yesterday' } }),
    );
    openAt(`/pieces/${piece.id}/section`);
    await seen(() => screen.getByText(/Changes you had not saved were kept/));
    expect(onBoard().notes).toBe('from yesterday');
    expect(onBoard().parts.map((p) => p.id)).toEqual(['p1', 'p2', 'p3', 'p4']);
    expect(onBoard().pattern?.part).toBe('p4');
  });
});

describe('undo', () => {
  it('takes back one edit at a time, and redo brings it again', async () => {
    const { user } = await openSheet(house, bowl());
    const radius = await screen.findByLabelText('Point 6 radius');
    await typeInto(user, radius, '90');
    await typeInto(user, radius, '91');
    const [undo] = screen.getAllByRole('button', { name: 'Undo' });
    await user.click(undo as HTMLElement);
    expect(radius).toHaveValue('90');
    await user.click(undo as HTMLElement);
    expect(radius).toHaveValue('99.5');
    await user.click(screen.getByRole('button', { name: 'Redo' }));
    expect(radius).toHaveValue('90');
  });
});

describe('a piece that is not there', () => {
  it('says so, and leads back', async () => {
    openAt('/pieces/00000000-0000-4000-8000-000000000000/section');
    await seen(() => screen.getByText('There is no such piece on this shelf.'));
    expect(screen.getByRole('link', { name: 'Back to the pieces' })).toHaveAttribute(
      'href',
      '/pieces',
    );
  });

  it('of a glass the rack does not have, it says that', async () => {
    const piece = await house.store.create({ ...bowl(), glass: 'gone-glass' });
    openAt(`/pieces/${piece.id}/section`);
    await seen(() => screen.getByText('This piece is of a glass the rack does not have.'));
  });
});

describe('a crash', () => {
  const said = console.error;
  beforeEach(() => {
    console.error = () => undefined;
  });
  afterEach(() => {
    console.error = said;
  });
  function Breaks(): never {
    throw new Error('the third rail');
  }
  const crash = (child: Partial<RouteObject>) => {
    const router = createMemoryRouter(
      [
        {
          path: '/',
          element: <p>the shell</p>,
          children: [],
        },
        { path: '/place', errorElement: <PlaceBroke />, ...child },
        { path: '/pieces', element: <p>the shelf</p> },
      ],
      { initialEntries: ['/place'] },
    );
    render(<RouterProvider router={router} />);
    return userEvent.setup();
  };

  it('is said in its place, with the way on, and what is kept', async () => {
    useDraft.setState({ id: 'x', document: bowl('Half-drawn bowl'), saved: bowl() });
    const user = crash({ element: <Breaks /> });
    expect(await screen.findByRole('alert')).toHaveTextContent('This place has broken');
    expect(screen.getByRole('alert')).toHaveTextContent(
      'What you changed on “Half-drawn bowl” and have not saved is kept',
    );
    expect(screen.getByText('the third rail')).toBeInTheDocument();
    expect(screen.getByRole('link', { name: 'Open it again' })).toHaveAttribute('href', '/place');
    await user.click(screen.getByRole('link', { name: 'To the pieces' }));
    expect(screen.getByText('the shelf')).toBeVisible();
  });

  // Inside a shell that shows nothing while the page comes, the router left the place empty when its code did not come.
  it('code that could not be fetched is said to be that, in its place', async () => {
    const gone = (): Promise<never> =>
      Promise.reject(new TypeError('Failed to fetch dynamically imported module: x.js'));
    const router = createMemoryRouter(
      [
        {
          element: (
            <>
              <p>the shell</p>
              <Outlet />
            </>
          ),
          hydrateFallbackElement: <></>,
          children: [
            { path: '/first', element: <Link to="/place">on</Link> },
            { path: '/place', errorElement: <PlaceBroke />, lazy: fetched(gone) },
          ],
        },
      ],
      { initialEntries: ['/first'] },
    );
    render(<RouterProvider router={router} />);
    await userEvent.setup().click(await screen.findByRole('link', { name: 'on' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('This place could not be fetched');
    expect(screen.getByText('the shell')).toBeVisible();
    expect(screen.queryByText('What it said')).toBeNull();
  });
});

describe('hands and eyes', () => {
  it('the why takes the focus and gives it back to its figure', async () => {
    const { user } = await openSheet(house, demoPiece('Tide-pool bowl'));
    const figure = within(screen.getByRole('region', { name: 'Answers' })).getByRole('button', {
      name: /^Thickest/,
    });
    figure.focus();
    await user.keyboard('{Enter}');
    const drawer = screen.getByRole('complementary', { name: 'Why: Thickest' });
    expect(drawer).toHaveFocus();
    await user.keyboard('{Escape}');
    expect(screen.queryByRole('complementary', { name: /^Why/ })).toBeNull();
    expect(figure).toHaveFocus();
  });

  long('the tab says the piece and its sheet; answers are read out once they stand', async () => {
    const { user } = await openSheet(house, demoPiece('Tide-pool bowl'));
    expect(document.title).toBe('Tide-pool bowl · Section · Zanfirico');
    await typeInto(user, screen.getByLabelText('Point 7 radius'), '110');
    const said = screen.getByRole('status', { name: 'Answers now' });
    expect(said).toBeEmptyDOMElement();
    await waitFor(
      () => {
        expect(said).toHaveTextContent(/^Glass [\d.]+ g, .*Door/);
      },
      { timeout: 5000 },
    );
    await user.click(screen.getByRole('link', { name: 'Card' }));
    await waitFor(() => {
      expect(document.title).toBe('Tide-pool bowl · Card · Zanfirico');
    });
    await user.click(screen.getByRole('link', { name: 'Rack' }));
    await seen(() => screen.getByRole('heading', { name: 'Rack' }));
    expect(document.title).toBe('Rack · Zanfirico');
  });
});
