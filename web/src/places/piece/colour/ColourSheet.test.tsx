// Colour: layers laid, judged by both schools, mended, amounts told; metals set in; neighbours that darken.
import type { Form } from '@zanfirico/contract/piece';
import { screen, within } from '@testing-library/react';
import type { UserEvent } from '@testing-library/user-event';
import { houseForAll, onBoard, openSheet, typeInto } from '../../../../testing/house';
import { freshDocument } from '../../pieces/freshDocument';
import { seen } from '../../../../testing/seen';

const house = houseForAll();

const open = async (form: Form): Promise<UserEvent> => {
  const { user } = await openSheet(
    house,
    freshDocument({ name: 'Coloured', form, glass: 'soft-batch-96' }),
    'colour',
  );
  await screen.findByText(/All clear\./);
  return user;
};
/** The picker draws only the rows in sight, and here nothing has a height: a colour is looked for by name. */
const lay = async (user: UserEvent, name: string): Promise<void> => {
  const find = screen.getByLabelText('Find a colour');
  await user.clear(find);
  await user.type(find, name);
  await user.click(await screen.findByRole('button', { name: new RegExp(`^Lay ${name}`) }));
};
const fit = (): HTMLElement => screen.getByRole('region', { name: 'Fit' });
const layers = (): HTMLElement => screen.getByRole('list', { name: 'Layers, outside first' });

describe('a layer', () => {
  it('of white pulls though its number is near: the schools disagree in words, and a remedy was tried', async () => {
    const user = await open('tumbler');
    await lay(user, 'Chalk');
    expect(layers()).toHaveTextContent('Chalk');
    expect(fit()).toHaveTextContent('All numbers lie within 2');
    expect(fit()).toHaveTextContent(/The Chalk is pulled with \d\.\d MPa/);
    expect(fit()).toHaveTextContent('The stress is trusted');
    expect(fit()).toHaveTextContent('Tried, and good');
    await typeInto(user, screen.getByLabelText('Numbers may differ by'), '1');
    expect(fit()).toHaveTextContent(
      'The Chalk is 2 from the Soft soda-lime batch 96; 1 is allowed',
    );
    await typeInto(user, screen.getByLabelText('Numbers may differ by'), 'many');
    expect(screen.getByRole('alert')).toHaveTextContent('allowed 0 to 20 points');
    await user.keyboard('{Escape}');
    await user.click(screen.getByRole('button', { name: 'Take Chalk out' }));
    await seen(() => screen.getByText(/All clear\./));
  });

  it('is told in the shop’s amounts for so many pieces', async () => {
    const user = await open('tumbler');
    await lay(user, 'Chalk');
    await typeInto(user, screen.getByRole('textbox', { name: 'Pieces' }), '10');
    expect(onBoard().fit?.pieces).toBe(10);
    expect(screen.getByRole('region', { name: 'Amounts' })).toHaveTextContent(/\d rolls? each/);
  });

  it('beside one it reacts with darkens, until clear lies between', async () => {
    const user = await open('bowl');
    await lay(user, 'Peat');
    await lay(user, 'Kelp');
    expect(fit()).toHaveTextContent('The sulphur of one and the copper of the other darken');
    await user.click(screen.getByRole('button', { name: 'Lay Kelp further out' }));
    expect(fit()).not.toHaveTextContent('darken');
    expect(onBoard().parts[0]?.colours?.map((c) => c.after)).toEqual([1, 2]);
  });

  it('of thick cobalt will be near black; one with cadmium stays off food', async () => {
    const user = await open('bowl');
    await lay(user, 'Deep water');
    await typeInto(user, within(layers()).getByLabelText(/^Long/), '400');
    expect(screen.getByText('Deep water will be near black', { exact: false })).toBeVisible();
    await lay(user, 'Buoy');
    expect(fit()).toHaveTextContent('Keep off surfaces that touch food');
  });
});

describe('metal', () => {
  it('leaf carries nothing, a disc of it rattles, a thin platinum wire seals', async () => {
    const user = await open('tumbler');
    await lay(user, 'Silver');
    expect(layers()).toHaveTextContent('carries no load');
    await user.selectOptions(within(layers()).getByRole('combobox'), 'pieces set in');
    const setIn = await screen.findByRole('list', { name: 'Set in' });
    await typeInto(user, within(setIn).getByLabelText(/^Across/), '12');
    expect(fit()).toHaveTextContent(/gap of 2\d µm and rattles/);
    await user.click(within(setIn).getByRole('button', { name: 'Take Silver out' }));
    await lay(user, 'Platinum');
    const again = await screen.findByRole('list', { name: 'Set in' });
    await typeInto(user, within(again).getByLabelText(/^Across/), '0.4');
    expect(fit()).toHaveTextContent('has not the energy to start a crack');
  });

  it('hard glass is not offered on soft', async () => {
    const user = await open('tumbler');
    await user.type(screen.getByLabelText('Find a colour'), 'Hard');
    expect(screen.queryByRole('button', { name: /^Lay Hard/ })).toBeNull();
  });
});
