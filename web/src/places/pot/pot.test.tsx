// The pot: dipped first, then reckoned; a charge before it is made; what was wrongly entered is struck; gathers planned with its depth.
import { screen, waitFor, within } from '@testing-library/react';
import type { SavedShop } from '@zanfirico/contract';
import { houseForAll, openAt } from '../../../testing/house';
import { seen } from '../../../testing/seen';

const house = houseForAll(true);
const shop = async (): Promise<SavedShop> =>
  (await (await fetch(`${house.url}/api/shop`)).json()) as SavedShop;

it('a pot nobody dipped asks for that; dipped it says how much there is, in kilograms by its form', async () => {
  const { user } = openAt('/pot');
  await seen(() => screen.getByText(/How deep does the glass stand/));
  const deep = screen.getByRole('textbox', { name: /^Dipped/ });
  await user.clear(deep);
  await user.type(deep, '300{Enter}');
  // A bowl-ended pot: π h²(3R − h)/3 of its round, then straight.
  await seen(() =>
    screen.getByRole('img', { name: /^the pot: 1\d\d kg of 1\d\d kg, 300 mm deep/ }),
  );
});

it('a charge tells when it is fit before it is made; more than there is room for is not', async () => {
  const { user } = openAt('/pot');
  const charge = await screen.findByRole('region', { name: 'Charge it' });
  expect(charge).toHaveTextContent(/Fit to gather \w+day \d\d:\d\d/);
  const rows = within(charge).getAllByRole('row');
  expect(rows).toHaveLength(4);
  const much = within(charge).getByRole('textbox', { name: /^How much/ });
  await user.clear(much);
  await user.type(much, '900{Enter}');
  expect(await within(charge).findByRole('alert')).toHaveTextContent(/There is room for \d+ kg/);
  expect(within(charge).getByRole('button', { name: 'It was charged now' })).toBeDisabled();
  await user.clear(much);
  await user.type(much, '10{Enter}');
  await user.click(within(charge).getByRole('button', { name: 'It was charged now' }));
  const happened = await screen.findByRole('region', { name: 'What happened to it' });
  await seen(() => within(happened).getByText(/charged with pellets/));
  await user.click(within(happened).getByRole('button', { name: /^Not so: charged/ }));
  await waitFor(() => {
    expect(within(happened).queryByText(/charged with pellets/)).toBeNull();
  });
});

it('gathers are planned with its depth by one key; what it is, is kept with the shop', async () => {
  const { user } = openAt('/pot');
  await screen.findByRole('region', { name: 'What happened to it' });
  await user.click(screen.getByRole('button', { name: 'Plan gathers with this depth' }));
  await waitFor(async () => {
    expect((await shop()).document.potDepth).toBeCloseTo(0.3, 2);
  });
  await user.click(screen.getByText('What it is'));
  await user.selectOptions(screen.getByRole('combobox', { name: 'Its inside' }), 'straight');
  await waitFor(async () => {
    expect((await shop()).document.pots?.[0]?.form.kind).toBe('cylinder');
  });
  await user.click(screen.getByRole('button', { name: 'another pot' }));
  await waitFor(async () => {
    expect((await shop()).document.pots?.map((p) => p.id)).toEqual(['pot1', 'pot2']);
  });
});

it('what got in by mistake: how it would look, how many charges until it is gone, and more of it is told at once', async () => {
  const { user } = openAt('/pot');
  const got = await screen.findByRole('region', { name: 'What got in by mistake' });
  const what = within(got).getByRole('combobox', { name: 'What' });
  await user.selectOptions(what, 'Deep water');
  const looks = within(got).getByRole('list', { name: 'How it would look' });
  expect(within(looks).getAllByRole('listitem')).toHaveLength(3);
  const charges = (): number => Number(/after (\d+) charge/.exec(got.textContent)?.[1] ?? '0');
  const few = charges();
  const much = within(got).getByRole('textbox', { name: /^How much/ });
  await user.clear(much);
  await user.type(much, '8{Enter}');
  await waitFor(() => {
    expect(charges()).toBeGreaterThan(few);
  });
  expect(got).toHaveTextContent(/Its expansion goes from \d+\.\d to \d+\.\d × 10⁻⁷\/K/);
});
