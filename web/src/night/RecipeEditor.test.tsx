// A recipe of the shop's: typed or read from a table, refused with why, kept for every piece, and dropped.
import { screen, waitFor, within } from '@testing-library/react';
import type { UserEvent } from '@testing-library/user-event';
import {
  demoPiece,
  houseForAll,
  nightChecked,
  openSheet,
  textFile,
  typeInto,
} from '../../testing/house';
import { useShop } from '../stores/theShop';
import { seen } from '../../testing/seen';

const house = houseForAll();

const compared = (): HTMLElement => screen.getByRole('region', { name: 'Compared' });
const kept = (): readonly { readonly name: string }[] =>
  useShop.getState().shop?.document.recipes ?? [];
const open = async (): Promise<UserEvent> => {
  const { user } = await openSheet(house, demoPiece('Harbour float'), 'night');
  await nightChecked();
  await user.click(screen.getByRole('tab', { name: 'Compare' }));
  await screen.findByRole('region', { name: 'Compared' });
  return user;
};
const begin = async (user: UserEvent, name: string): Promise<void> => {
  await user.click(within(compared()).getByRole('button', { name: 'A recipe of ours' }));
  const called = within(compared()).getByLabelText('Called');
  await user.clear(called);
  await user.type(called, name);
};
const lines = (): HTMLElement[] => within(compared()).getAllByLabelText(/^To/);

describe('a recipe of ours', () => {
  it('begins as tonight’s own programme; lines are added after the last and taken out', async () => {
    const user = await open();
    await begin(user, 'Long one');
    const before = lines().length;
    expect(before).toBeGreaterThan(1);
    await user.click(within(compared()).getByRole('button', { name: 'Line' }));
    expect(lines()).toHaveLength(before + 1);
    const last = (lines().at(-1) as HTMLInputElement).value;
    expect((lines().at(-2) as HTMLInputElement).value).toBe(last);
    await user.click(
      within(compared()).getByRole('button', { name: `Take line ${String(before + 1)} out` }),
    );
    expect(lines()).toHaveLength(before);
  });

  long(
    'is kept by its name for every piece, refused where there is one of that name, and dropped again',
    async () => {
      const user = await open();
      await begin(user, 'Grandmother’s');
      await user.click(within(compared()).getByRole('button', { name: 'Keep it' }));
      await seen(() => screen.getByText('“Grandmother’s” is kept with the shop’s recipes.'));
      expect(kept().map((r) => r.name)).toEqual(['Grandmother’s']);
      await seen(() => within(compared()).getByRole('row', { name: /Grandmother’s/ }));
      await begin(user, 'Grandmother’s');
      expect(within(compared()).getByText('There is a recipe of that name.')).toBeVisible();
      expect(within(compared()).getByRole('button', { name: 'Keep it' })).toBeDisabled();
      await user.click(within(compared()).getByRole('button', { name: 'Leave it' }));
      await user.click(within(compared()).getByRole('button', { name: /Grandmother’s/ }));
      await user.click(await within(compared()).findByRole('button', { name: 'Drop it' }));
      await seen(() => screen.getByText('“Grandmother’s” is no longer kept.'));
      expect(kept()).toEqual([]);
    },
  );

  it('comes out of a table in °F, with the table’s name; what is none is refused in a sentence', async () => {
    const user = await open();
    await begin(user, 'x');
    const file = within(compared()).getByLabelText('Recipe table');
    await user.upload(
      file,
      textFile('old book.csv', 'target F,rate per hour,hold\n941,,1:30\n800,100,\n122,200,0'),
    );
    await waitFor(() => {
      expect(within(compared()).getByLabelText('Called')).toHaveValue('old book');
    });
    expect(lines().map((l) => Number((l as HTMLInputElement).value))).toEqual([505, 426.7, 50]);
    const rates = within(compared())
      .getAllByLabelText(/^At/)
      .map((l) => Number((l as HTMLInputElement).value));
    // 100 °F an hour are 55.6 °C an hour; no speed stands as nothing.
    expect(rates[0]).toBe(0);
    expect(rates[1]).toBeCloseTo(55.6, 1);
    await user.upload(file, textFile('none.csv', 'colour,much\nblue,3'));
    await seen(() => screen.getByText(/No column says where to/));
    await user.upload(file, textFile('words.csv', 'to,rate\nwarm,3'));
    await seen(() => screen.getByText(/Row 2: “warm” is no temperature/));
    // What was there stays.
    expect(within(compared()).getByLabelText('Called')).toHaveValue('old book');
  });

  it('of five hundred lines is as quick as one of five: only those in sight are drawn', async () => {
    const user = await open();
    await begin(user, 'x');
    const rows = Array.from({ length: 500 }, (_, i) => `${String(520 - i * 0.9)},20,0:10`);
    await user.upload(
      within(compared()).getByLabelText('Recipe table'),
      textFile('long.csv', `to,rate,hold\n${rows.join('\n')}`),
    );
    await waitFor(() => {
      expect(within(compared()).getByLabelText('Called')).toHaveValue('long');
    });
    const items = within(within(compared()).getByRole('list', { name: 'Lines' })).getAllByRole(
      'listitem',
    );
    expect(items.length).toBeLessThan(30);
    expect(items[0]).toHaveAttribute('aria-setsize', '500');
    await user.click(within(compared()).getByRole('button', { name: 'Take line 1 out' }));
    expect(lines()[0]).toHaveValue('519.1');
  });

  it('hotter than any box is refused at its line, and the line stays as it was', async () => {
    const user = await open();
    await begin(user, 'Too hot');
    const first = lines()[0] as HTMLInputElement;
    const before = first.value;
    await typeInto(user, first, '1300');
    expect(within(compared()).getByRole('alert')).toHaveTextContent(/allowed .* to .*1200/);
    await user.keyboard('{Escape}');
    expect(lines()[0]).toHaveValue(before);
    expect(within(compared()).queryByRole('alert')).toBeNull();
  });
});
