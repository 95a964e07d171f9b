// At the boxes: what each controller says, sent to and told by a person's hand, set up otherwise; and a night as it is sent.
import { screen, waitFor, within } from '@testing-library/react';
import type { DeviceNow } from '@zanfirico/contract/boxes';
import { annealingSchedule, boxOf } from '@zanfirico/core/night';
import { findGlass } from '@zanfirico/core/rack';
import { houseForAll, openAt } from '../../../../testing/house';
import { programmeOf } from './SendNight';
import { seen } from '../../../../testing/seen';

const house = houseForAll(true, true);
const devices = async (): Promise<DeviceNow[]> =>
  (await (await fetch(`${house.url}/api/devices`)).json()) as DeviceNow[];
const atTheBoxes = async () => {
  const { user } = openAt('/night');
  await user.click(await screen.findByRole('tab', { name: 'At the boxes' }));
  return user;
};

it('the boxes stand in the shop’s order, each with how hot it is and that nothing runs', async () => {
  await atTheBoxes();
  const front = await screen.findByRole('article', { name: 'the front box' });
  await seen(() => within(front).getByText(/^(19|20|21) °C$/));
  expect(within(front).getByText('off, no programme runs')).toBeVisible();
  expect(screen.getAllByRole('article').map((a) => a.getAttribute('aria-label'))).toEqual([
    'the front box',
    'the big box',
  ]);
  // The furnace is none of the boxes.
  expect(screen.queryByRole('article', { name: 'pot1' })).toBeNull();
  expect(
    screen.getByText(/a licensed electrician and the kiln’s own safety cut-out/),
  ).toBeVisible();
});

it('a night that was sent waits for a key; started, held, let go on and stopped by one each', async () => {
  const send = await fetch(`${house.url}/api/devices/front/programme`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ name: 'three cups', lines: [{ to: 505, hold: 3600 }], lastIn: 60 }),
  });
  expect(send.status).toBe(200);
  const user = await atTheBoxes();
  const front = await screen.findByRole('article', { name: 'the front box' });
  await seen(() => within(front).getByText(/Nothing heats until it is started/));
  await user.click(within(front).getByRole('button', { name: 'Start it now' }));
  await user.click(await within(front).findByRole('button', { name: 'Hold it here' }));
  await user.click(await within(front).findByRole('button', { name: 'Go on' }));
  await user.click(await within(front).findByRole('button', { name: 'Stop: no heat' }));
  await seen(() => within(front).getByText('off, no programme runs'));
  expect(await within(front).findByText(/Last night:/)).toHaveTextContent('three cups');
});

it('a controller is set up otherwise, and forgotten only when asked twice', async () => {
  const user = await atTheBoxes();
  const all = await screen.findByRole('region', { name: 'Controllers' });
  const summary = await within(all).findByText('the big box', { selector: 'summary' });
  await user.click(summary);
  const big = summary.closest('details') as HTMLElement;
  await user.selectOptions(within(big).getByLabelText('Its controller is set to'), 'F');
  await waitFor(async () => {
    expect((await devices()).find((d) => d.device.id === 'big')?.device.fahrenheit).toBe(true);
  });
  await user.click(within(big).getByRole('button', { name: 'Forget this controller' }));
  expect(await devices()).toHaveLength(3);
  await user.click(within(big).getByRole('button', { name: /^Yes, forget/ }));
  await waitFor(async () => {
    expect(await devices()).toHaveLength(2);
  });
});

it('what happens to a stand-in is said by its box: no power, a broken thermocouple', async () => {
  const user = await atTheBoxes();
  const front = await screen.findByRole('article', { name: 'the front box' });
  await user.click(await within(front).findByText('It is a stand-in: what happens to it'));
  await user.click(within(front).getByRole('button', { name: 'thermocouple breaks' }));
  await seen(() => within(front).getByText('nobody knows how hot', {}), { timeout: 8000 });
  expect(within(front).getByText(/its thermocouple is broken or not connected/)).toBeVisible();
  await user.click(within(front).getByRole('button', { name: 'all mended' }));
  await seen(() => within(front).getByText(/^(19|20|21) °C$/, {}), { timeout: 8000 });
});

it('a night as it is sent: its steps from the cold box on, its load, the moment of its last piece', () => {
  const glass = findGlass('soft-batch-96');
  if (!glass) throw new Error('the rack has lost its glass');
  const schedule = annealingSchedule({
    glass,
    wall: { thickest: 0.008, stepThick: 0.008, stepThin: 0.004, body: 'slab' },
    practice: 'studio',
    holdTemperature: glass.annealing,
    doorTemperature: 50,
    box: boxOf({}),
    holding: 7200,
  });
  const sent = programmeOf(schedule, 'x'.repeat(300), {
    inBox: { a: 2 },
    practice: 'studio',
    inHand: 0.15,
    hold: undefined,
    door: 50,
  });
  expect(sent.name).toHaveLength(200);
  expect(sent.lines[0]?.to).toBe(glass.annealing);
  expect(sent.lines[0]?.hold).toBeGreaterThan(7200);
  expect(sent.lastIn).toBeCloseTo(7200 + (glass.annealing - 20) / boxOf({}).climb, -1);
  expect(sent.night).toEqual({ inBox: { a: 2 }, practice: 'studio', inHand: 0.15, door: 50 });
});
