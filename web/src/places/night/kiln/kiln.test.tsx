// Flat in the kiln: what a firing does is told in millimetres and by name, and answers what is changed.
import { screen, within } from '@testing-library/react';
import { houseForAll, openAt } from '../../../../testing/house';

houseForAll(true);

const atTheKiln = async () => {
  const { user } = openAt('/night');
  await user.click(await screen.findByRole('tab', { name: 'Flat in the kiln' }));
  const told = async (): Promise<string> =>
    (await screen.findByRole('heading', { name: /its edges round by/ })).textContent;
  const type = async (label: RegExp, text: string, which = 0): Promise<void> => {
    const field = screen.getAllByRole('textbox', { name: label })[which];
    if (!field) throw new Error('there is no such field');
    await user.clear(field);
    await user.type(field, `${text}{Enter}`);
  };
  return { user, told, type };
};

it('untouched it is a full fuse of two sheets, which rest at about six millimetres', async () => {
  const { told } = await atTheKiln();
  expect(await told()).toMatch(/^Full: one sheet; its edges round by \d+\.\d mm/);
  expect(screen.getByText(/On a flat shelf it comes to rest at/)).toHaveTextContent(
    /rest at 6\.4 mm, its 200 mm then 19\d mm across/,
  );
  const beside = screen.getByRole('table', { name: 'A little otherwise' });
  expect(within(beside).getAllByRole('row')).toHaveLength(5);
});

it('cooler it is a tack, and keeps its thickness; three sheets deep it spreads', async () => {
  const { told, type } = await atTheKiln();
  await type(/^Process at/, '700');
  expect(await told()).toMatch(/^(Tack|Not yet stuck)/);
  expect(screen.getByText(/It keeps its/)).toHaveTextContent('6.0 mm');
  await type(/^Process at/, '815');
  await type(/^Sheets deep/, '4');
  expect(await screen.findByText(/it spreads, unless it is dammed/)).toBeVisible();
});

it('over a mould it says how deep it hangs, as a span; a sheet too hot is refused at its field', async () => {
  const { type } = await atTheKiln();
  await type(/^Mould’s mouth/, '180');
  await type(/^Process at/, '640');
  expect(await screen.findByText(/a real rim lies between/)).toHaveTextContent(
    /Over a mould 180 mm wide its middle hangs [\d.]+ mm .*, [\d.]+ mm where it slides/,
  );
  await type(/^Process at/, '2000');
  expect(await screen.findByText(/at most 950|950 °C/)).toBeVisible();
});
