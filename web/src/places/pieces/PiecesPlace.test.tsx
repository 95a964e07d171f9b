// The shelf: what stands on it, what each says of itself, and what can be done from there.
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { boxOf, checkedSchedule } from '@zanfirico/core/night';
import { firesOf, firingsAsked, hoursInBox, NO_SHOP, ORDINARY_SHOP } from '@zanfirico/core/piece';
import { printDuration } from '@zanfirico/core/units';
import { deriveDocument } from '../../derived/deriveDocument';
import { houseForAll, onTheShelf, openAt, openHouse } from '../../../testing/house';
import { asAsked } from '../../../testing/workers';
import { lastBytes, lastTaken } from '../../../testing/taken';
import { seen } from '../../../testing/seen';

const house = houseForAll(true);

const item = async (name: string): Promise<HTMLElement> => {
  const link = await screen.findByRole('link', { name });
  return link.closest('li') as HTMLElement;
};

describe('the shelf', () => {
  long('says of every piece how long its checked night is, and never a guess', async () => {
    const { user } = openAt('/pieces');
    await item('Tide-pool bowl');
    // As the demo's shop has its annealers.
    const facts = {
      ...NO_SHOP,
      annealer: (name: string) => boxOf(ORDINARY_SHOP.annealers.find((a) => a.name === name) ?? {}),
    };
    const find = screen.getByLabelText('Find a piece by name');
    for (const { document } of await onTheShelf(house)) {
      const derived = deriveDocument(document, facts)?.derived;
      if (derived?.ok !== true) throw new Error(`${document.name} can be made`);
      // What is fired in the kiln keeps it for every firing from cold.
      const fires =
        document.kiln && firesOf(document.kiln, derived.fired, derived.whole.thickest.wall);
      const night = asAsked(derived.night);
      const its = fires && asAsked(fires);
      const earlier = its && firingsAsked(its, night).earlier;
      const seconds = hoursInBox(
        night,
        its,
        checkedSchedule(night).schedule,
        earlier && checkedSchedule(earlier).schedule,
      );
      if (fires) expect(seconds).toBeGreaterThan(12 * 3600 * document.kiln.firings.length);
      await user.clear(find);
      await user.type(find, document.name);
      await waitFor(async () => {
        expect(await item(document.name)).toHaveTextContent(`${printDuration(seconds)} in the box`);
      });
    }
    expect(screen.queryByText(/about/)).toBeNull();
  });

  it('finds by name, and says when nothing is called so', async () => {
    const { user } = openAt('/pieces');
    await item('Oil cruet');
    await user.type(screen.getByLabelText('Find a piece by name'), 'CANDLE');
    await waitFor(() => {
      expect(screen.queryByRole('link', { name: 'Oil cruet' })).toBeNull();
    });
    expect(screen.getByRole('link', { name: 'Harbour candlestick' })).toBeVisible();
    await user.type(screen.getByLabelText('Find a piece by name'), 'xyz');
    await seen(() => screen.getByText('Nothing on the shelf is called “CANDLExyz”.'));
  });

  it('puts a piece away, with Undo, and takes it out again', async () => {
    const { user } = openAt('/pieces');
    await item('Harbour float');
    await user.click(screen.getByRole('button', { name: 'Put away Harbour float' }));
    await seen(() => screen.getByText('“Harbour float” is put away.'));
    await waitFor(() => {
      expect(screen.queryByRole('link', { name: 'Harbour float' })).toBeNull();
    });
    await user.click(screen.getByRole('button', { name: 'Undo' }));
    expect(await item('Harbour float')).toBeVisible();
    await user.click(screen.getByRole('button', { name: 'Put away Harbour float' }));
    await user.click(await screen.findByRole('button', { name: 'Put away' }));
    await user.click(await screen.findByRole('button', { name: 'Take out Harbour float' }));
    await seen(() => screen.getByText('“Harbour float” is back on the shelf.'));
    await seen(() => screen.getByText('Nothing is put away.'));
  });

  it('is sorted and chosen from; a piece is had once more, and thrown away with Undo', async () => {
    const { user } = openAt('/pieces');
    await item('Oil cruet');
    const names = (): string[] =>
      within(screen.getByRole('list', { name: 'Shelf' }))
        .getAllByRole('link')
        .map((l) => l.getAttribute('aria-label') ?? '');
    await user.selectOptions(screen.getByLabelText('Order'), 'by name');
    await waitFor(() => {
      expect(names()[0]).toBe('Gull on a bollard');
    });
    await user.selectOptions(screen.getByLabelText('Made where'), 'at the torch');
    await waitFor(() => {
      expect(names()).toEqual(['Rain gauge']);
    });
    await user.click(screen.getByRole('button', { name: 'Rain gauge once more' }));
    expect(await item('Rain gauge again')).toBeVisible();
    await user.click(screen.getByRole('button', { name: 'Put away Rain gauge again' }));
    await waitFor(() => {
      expect(names()).toEqual(['Rain gauge']);
    });
    await user.click(screen.getByRole('button', { name: 'Put away' }));
    await user.click(await screen.findByRole('button', { name: 'Throw Rain gauge again away' }));
    const told = await screen.findByText(/is thrown away, with its revisions/);
    const undo = screen
      .getAllByRole('button', { name: 'Undo' })
      .find((b) => b.parentElement?.textContent.includes('thrown away') === true);
    expect(told).toBeVisible();
    await user.click(undo as HTMLElement);
    await user.click(await screen.findByRole('button', { name: 'Throw Rain gauge again away' }));
    await seen(() => screen.getByText(/Nothing put away is made so/));
  });

  it('takes a piece file that is dropped on it, wherever it is let go', async () => {
    openAt('/pieces');
    const shelf = await screen.findByRole('list', { name: 'Shelf' });
    const { document } = (await onTheShelf(house))[0] as { document: object };
    const file = new File([JSON.stringify({ ...document, name: 'Dropped' })], 'x.piece.json', {
      type: 'application/json',
    });
    fireEvent.dragOver(shelf, { dataTransfer: { types: ['Files'], files: [file] } });
    fireEvent.drop(shelf, { dataTransfer: { types: ['Files'], files: [file] } });
    expect(await screen.findByRole('heading', { name: 'Dropped' })).toBeInTheDocument();
  });

  it('refuses a file that is too big before it is read, and one that is none in the server’s words', async () => {
    const { user } = openAt('/pieces');
    await item('Oil cruet');
    const field = screen.getByLabelText('Piece file');
    await user.upload(
      field,
      new File(['x'.repeat(1_000_001)], 'huge.json', { type: 'application/json' }),
    );
    await seen(() =>
      screen.getByText(/“huge.json” was not read: it is 1000 kB; a piece file is at most 1000 kB/),
    );
    await user.upload(field, new File(['[1, 2]'], 'list.json', { type: 'application/json' }));
    await seen(() => screen.getByText(/“list.json” was not read: This is not a piece file/));
  });

  it('is taken away as one file and read in again, by button and by dropping; several files at once', async () => {
    const { user } = openAt('/pieces');
    await item('Oil cruet');
    await user.click(screen.getByRole('button', { name: 'Take all away' }));
    await user.click(screen.getByRole('button', { name: 'Take it away' }));
    await waitFor(async () => {
      expect((await lastTaken())?.name).toMatch(/^pieces\.\d{4}-\d\d-\d\d\.zip$/);
    });
    const zip = await lastBytes();
    const shelf = screen.getByRole('list', { name: 'Shelf' });
    const [first, second] = await onTheShelf(house);
    const asFile = (document: object, name: string): File =>
      new File([JSON.stringify({ ...document, name })], `${name}.json`, {
        type: 'application/json',
      });
    const files = [
      new File([zip], 'studio.zip', { type: 'application/zip' }),
      asFile(first?.document ?? {}, 'One given'),
      asFile(second?.document ?? {}, 'Two given'),
    ];
    fireEvent.drop(shelf, { dataTransfer: { types: ['Files'], files } });
    await seen(() =>
      screen.getByText(/“studio.zip”: 0 pieces on the shelf; \d+ were here just so already\./),
    );
    await seen(() => screen.getByText('2 pieces read onto the shelf.'));
    expect(await item('Two given')).toBeVisible();
    await user.upload(
      screen.getByLabelText('Piece file'),
      new File(['half a zip'], 'broken.zip', { type: 'application/zip' }),
    );
    await seen(() => screen.getByText(/“broken.zip” was not read: The file is no whole zip/));
    // The shelf is as it was for those after.
    for (const piece of await onTheShelf(house))
      if (/^(One|Two) given$/.test(piece.document.name)) await house.store.putAway(piece.id, true);
  });

  it('is chosen from by tag and by height, in the person’s own units', async () => {
    const { user } = openAt('/pieces');
    await item('Oil cruet');
    expect(await item('Harbour float')).toHaveTextContent('garden · gift');
    await user.selectOptions(await screen.findByLabelText('With the tag'), 'garden');
    await waitFor(() => {
      expect(screen.queryByRole('link', { name: 'Oil cruet' })).toBeNull();
    });
    expect(await item('Rain gauge')).toBeVisible();
    await user.selectOptions(screen.getByLabelText('Made before'), 'made before');
    await waitFor(() => {
      expect(screen.queryByRole('link', { name: 'Rain gauge' })).toBeNull();
    });
    await user.selectOptions(screen.getByLabelText('Made before'), 'made or never');
    await item('Rain gauge');
    await user.selectOptions(screen.getByLabelText('How tall'), 'small');
    await seen(() => screen.getByText('Nothing on the shelf is made so.'));
    expect(screen.getByRole('option', { name: 'above 250 mm' })).toBeInTheDocument();
  });

  it('opens a piece file someone gave, and starts a new piece from a form', async () => {
    const [cruet] = (await onTheShelf(house)).filter((p) => p.document.name === 'Oil cruet');
    const { user, at } = openAt('/pieces');
    await item('Oil cruet');
    const text = JSON.stringify({ ...cruet?.document, name: 'A gift' });
    await user.upload(
      screen.getByLabelText('Piece file'),
      new File([text], 'gift.piece.json', { type: 'application/json' }),
    );
    await waitFor(() => {
      expect(at()).toMatch(/^\/pieces\/[0-9a-f-]{36}\/section$/);
    });
    expect(await screen.findByLabelText('Name of the piece')).toHaveValue('A gift');
  });

  it('asks a new piece’s name and form, and draws it', async () => {
    const { user, at } = openAt('/pieces');
    await item('Tide-pool bowl');
    await user.click(screen.getByRole('button', { name: 'New piece' }));
    const dialog = await screen.findByRole('dialog');
    await user.click(within(dialog).getByRole('radio', { name: /bowl$/ }));
    await user.type(within(dialog).getByLabelText('Name'), 'Test bowl');
    // A double click makes one piece.
    await user.dblClick(within(dialog).getByRole('button', { name: 'Draw it' }));
    await waitFor(() => {
      expect(at()).toMatch(/section$/);
    });
    expect(await screen.findByLabelText('Name of the piece')).toHaveValue('Test bowl');
    const made = (await onTheShelf(house)).filter((p) => p.document.name === 'Test bowl');
    expect(made).toHaveLength(1);
  });
});

describe('a shelf without a server', () => {
  it('says so in a sentence, and asks again when told', async () => {
    const { fetch } = globalThis;
    globalThis.fetch = () => Promise.reject(new Error('no'));
    const { user } = openAt('/pieces');
    await seen(() => screen.getByText(/The server does not answer/));
    globalThis.fetch = fetch;
    await user.click(screen.getByRole('button', { name: 'Try again' }));
    expect(await item('Tide-pool bowl')).toBeVisible();
  });

  it('an empty one leads to the first piece', async () => {
    const empty = await openHouse();
    const { user, at } = openAt('/pieces');
    const first = await screen.findByRole('form', { name: 'The first piece' });
    expect(first).toHaveTextContent(/The shelf is empty/);
    await user.click(within(first).getByRole('radio', { name: /bowl$/ }));
    await user.click(within(first).getByRole('button', { name: 'Draw it' }));
    await waitFor(() => {
      expect(at()).toMatch(/section$/);
    });
    expect(await screen.findByLabelText('Name of the piece')).toHaveValue('New bowl');
    await empty.close();
  });
});
