// A size typed makes the whole or the part in hand so large; the copy of a piece is a piece of its own.
import { screen, within } from '@testing-library/react';
import { demoPiece, houseForAll, onBoard, openSheet, typeInto } from '../../../../testing/house';
import { seen } from '../../../../testing/seen';

const house = houseForAll();

const widest = (part: number): number =>
  Math.max(...(onBoard().parts[part]?.profile ?? []).map((p) => p.radius));

describe('make it so large', () => {
  it('the whole goblet to 50 mm: all of it smaller, walls kept; Undo brings it back', async () => {
    const goblet = demoPiece('Quay goblet');
    const { user } = await openSheet(house, goblet);
    const size = await screen.findByRole('region', { name: 'Size' });
    const before = onBoard();
    await typeInto(user, within(size).getByLabelText(/^Widest/), '50 mm');
    const most = Math.max(...onBoard().parts.map((_, i) => widest(i)));
    expect(most).toBeCloseTo(0.025, 4);
    expect(onBoard().parts.map((p) => p.profile.map((q) => q.wall))).toEqual(
      before.parts.map((p) => p.profile.map((q) => q.wall)),
    );
    await seen(() => screen.getByText(/times as large; undo brings it back/));
    await user.click(screen.getAllByRole('button', { name: 'Undo' })[0] as HTMLElement);
    expect(onBoard().parts).toEqual(before.parts);
  });

  it('one part, its walls with it: the others stay as wide', async () => {
    const { user } = await openSheet(house, demoPiece('Quay goblet'));
    const size = await screen.findByRole('region', { name: 'Size' });
    const before = onBoard().parts.map((_, i) => widest(i));
    await user.click(within(size).getByRole('radio', { name: onBoard().parts[0]?.name ?? '' }));
    await user.click(within(size).getByRole('radio', { name: 'go with it' }));
    await typeInto(user, within(size).getByLabelText(/^Widest/), String(2200 * (before[0] ?? 0)));
    expect(widest(0) / (before[0] ?? NaN)).toBeCloseTo(1.1, 2);
    for (let i = 1; i < before.length; i += 1) expect(widest(i)).toBeCloseTo(before[i] ?? NaN, 6);
  });
});

describe('another piece from this one', () => {
  it('is on the shelf under a name of its own, drawn as this one is now', async () => {
    const { user } = await openSheet(house, demoPiece('Salt cellar'));
    const size = await screen.findByRole('region', { name: 'Size' });
    await typeInto(user, within(size).getByLabelText(/^Widest/), '50 mm');
    const parts = onBoard().parts;
    await user.click(screen.getByText('Take away'));
    await user.click(await screen.findByRole('button', { name: 'Another piece from this one' }));
    await seen(() => screen.getByText('“Salt cellar again” is on the shelf.'));
    await seen(() => screen.getByDisplayValue('Salt cellar again'));
    expect(onBoard().parts).toEqual(parts);
  });
});
