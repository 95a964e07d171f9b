// The shop's lists: kept at once, told on the pieces they bear on.
import { cleanup, screen, waitFor, within } from '@testing-library/react';
import { demoPiece, houseForAll, openAt, openSheet, typeInto } from '../../../testing/house';
import { seen } from '../../../testing/seen';

const house = houseForAll();

const region = (name: string): Promise<HTMLElement> => screen.findByRole('region', { name });
const open = async () => {
  const opened = openAt('/rack/shop');
  await screen.findByRole('heading', { name: 'Rack', level: 1 });
  return opened;
};

describe('the shop', () => {
  long(
    'keeps what it has; a piece too wide for a new hole’s mouth is told; Undo brings it back',
    async () => {
      const { user } = await open();
      await user.click(await screen.findByRole('button', { name: 'Add to: Glory holes' }));
      const holes = await region('Glory holes');
      await typeInto(
        user,
        within(holes).getAllByLabelText('Name').at(-1) as HTMLElement,
        'the keyhole',
      );
      await typeInto(user, screen.getByLabelText('the keyhole, mouth'), '60 mm');
      expect(screen.getByLabelText('the keyhole, mouth')).toHaveValue('60');
      cleanup();
      const piece = await openSheet(house, demoPiece('Tide-pool bowl'));
      await piece.user.click(screen.getByRole('tab', { name: 'Read' }));
      await seen(() =>
        screen.getByText(/244 mm across does not pass the keyhole’s mouth of 60 mm/),
      );
      await piece.user.click(screen.getByRole('link', { name: 'Rack' }));
      await piece.user.click(await screen.findByRole('link', { name: /Irons, boxes/ }));
      await screen.findByLabelText('the keyhole, mouth');
      await user.click(screen.getByRole('button', { name: 'Remove the keyhole' }));
      expect(screen.queryByLabelText('the keyhole, mouth')).toBeNull();
      await user.click(await screen.findByRole('button', { name: 'Undo' }));
      expect(await screen.findByLabelText('the keyhole, mouth')).toHaveValue('60');
    },
  );

  it('refuses at the field, with its bounds, what no stock is', async () => {
    const { user } = await open();
    await typeInto(user, await screen.findByLabelText('Stock 1, wall'), '30');
    expect(await screen.findByRole('alert')).toHaveTextContent(
      'Stock 1, wall: given 30.0 mm; allowed',
    );
    await user.keyboard('{Escape}');
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('turns tubing into rod and back, each with what it needs', async () => {
    const { user } = await open();
    const kind = await screen.findByLabelText('Stock 1, tube or rod');
    await user.selectOptions(kind, 'rod');
    expect(screen.queryByLabelText('Stock 1, wall')).toBeNull();
    await user.selectOptions(kind, 'tube');
    expect(await screen.findByLabelText('Stock 1, wall')).toHaveValue('2');
  });

  long('a low pot is told on every piece gathered from it', async () => {
    const { user } = await open();
    await user.click(await screen.findByRole('button', { name: 'Add to: Pot' }));
    await typeInto(user, await screen.findByLabelText('Glass in the pot, deep'), '45 mm');
    expect(screen.getByLabelText('Glass in the pot, deep')).toHaveValue('45');
    cleanup();
    const piece = await openSheet(house, demoPiece('Tide-pool bowl'));
    await piece.user.click(screen.getByRole('tab', { name: 'Make' }));
    await seen(() =>
      screen.getByText(/The pot is low: an iron dips 25(.0)? mm and not 70(.0)? mm/),
    );
    await piece.user.click(screen.getByRole('link', { name: 'Rack' }));
    await piece.user.click(await screen.findByRole('link', { name: /Irons, boxes/ }));
    await piece.user.click(await screen.findByRole('button', { name: 'Remove the pot’s depth' }));
    await waitFor(() => {
      expect(screen.queryByLabelText('Glass in the pot, deep')).toBeNull();
    });
  });
});
