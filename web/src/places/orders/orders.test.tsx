// Orders: taken, kept, taken away and back; how one comes out, in words; hours of the bench kept with the shop.
import { screen, waitFor, within } from '@testing-library/react';
import type { SavedShop } from '@zanfirico/contract';
import type { WantedDocument } from '@zanfirico/contract/orders';
import { houseForAll, openAt } from '../../../testing/house';
import { outcomeSays } from './DaysGrid';
import { seen } from '../../../testing/seen';

const house = houseForAll(true);
const wanted = async (): Promise<WantedDocument[]> =>
  (await (await fetch(`${house.url}/api/wanted`)).json()) as WantedDocument[];

const CAME = {
  wanted: 'w',
  attempts: 12,
  planned: 12,
  inTime: 12,
  out: 3,
  lacks: undefined,
  short: 0,
};
const day = (i: number): string => `day ${String(i)}`;

describe('how an order comes out is said plainly', () => {
  it.each([
    [{}, 'In time; the last is out day 3.'],
    [
      { inTime: 8, lacks: 'hours', short: 9000 },
      '8 of 12 in time: it lacks 2 h 30 at the bench; the last is out day 3.',
    ],
    [
      { inTime: 0, lacks: 'glass', short: 4.2, out: undefined },
      'None in time: it lacks 4.2 kg of glass; the last are not out within 28 days.',
    ],
    [
      { inTime: 0, planned: 0, lacks: 'fits no box', out: undefined },
      'None in time: no annealer is large enough.',
    ],
    [
      { inTime: 0, planned: 0, lacks: 'no such pot', out: undefined },
      'None in time: no pot has its glass.',
    ],
    [
      { inTime: 6, lacks: 'box' },
      '6 of 12 in time: the boxes are taken, or its night is too long; the last is out day 3.',
    ],
  ] as const)('%j', (change, says) => {
    expect(outcomeSays({ ...CAME, ...change }, 12, day)).toBe(says);
  });
});

it('without an order it says what one is; taken, it is planned; taken away, it comes back by one key', async () => {
  const { user } = openAt('/orders');
  await seen(() => screen.getByText(/Twelve by the 12th/));
  const fresh = screen.getByRole('region', { name: 'A new order' });
  expect(within(fresh).getByRole('button', { name: 'Take the order' })).toBeDisabled();
  await user.type(within(fresh).getByLabelText('Find a piece'), 'salt');
  await user.click(await within(fresh).findByRole('button', { name: 'Salt cellar' }));
  await user.type(within(fresh).getByLabelText('what for'), 'the café');
  await user.click(within(fresh).getByRole('button', { name: 'Take the order' }));
  const days = await screen.findByRole('region', { name: 'The days to come' }, { timeout: 60_000 });
  const row = within(days).getByRole('row', { name: /Salt cellar by .* the café/ });
  expect(row).toHaveTextContent(/12 Salt cellar/);
  await user.click(within(row).getByRole('button', { name: /Take the order of Salt cellar away/ }));
  await seen(() => screen.getByText(/Twelve by the 12th/));
  await user.click(screen.getByRole('button', { name: 'Undo' }));
  await waitFor(async () => {
    expect(await wanted()).toHaveLength(1);
  });
});

it('put on a day by hand it stays there; cleared it is planned again; some are there already', async () => {
  const { user } = openAt('/orders');
  const days = await screen.findByRole('region', { name: 'The days to come' }, { timeout: 60_000 });
  const cell = within(days).getAllByRole('textbox', { name: /^Salt cellar on/ })[2];
  if (!cell) throw new Error('no days are shown');
  await user.clear(cell);
  await user.type(cell, '4{Enter}');
  await waitFor(async () => {
    expect(Object.values((await wanted())[0]?.pinned ?? {})).toEqual([4]);
  });
  const byHand = await within(days).findByRole('textbox', { name: /, by hand/ });
  expect(byHand).toHaveValue('4');
  await user.clear(byHand);
  await user.type(byHand, '{Enter}');
  await waitFor(async () => {
    expect((await wanted())[0]?.pinned).toBeUndefined();
  });
  const there = within(days).getByLabelText(/there already/);
  await user.clear(there);
  await user.type(there, '12{Enter}');
  await seen(() => within(days).getByText('All there.'));
});

it('the bench’s hours are kept with the shop', async () => {
  const { user } = openAt('/orders');
  const hours = await screen.findByRole('region', { name: 'Hours at the bench' });
  const saturday = within(hours).getByRole('textbox', { name: 'Sat' });
  await user.clear(saturday);
  await user.type(saturday, '4{Enter}');
  await waitFor(async () => {
    const { document } = (await (await fetch(`${house.url}/api/shop`)).json()) as SavedShop;
    expect(document.benchHours?.[5]).toBe(4 * 3600);
  });
});
