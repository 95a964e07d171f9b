// The night of the drawn section: what it keeps and where, at any moment; how it stands; what would help.
import { fireEvent, screen, within } from '@testing-library/react';
import { demoPiece, houseForAll, nightChecked, onBoard, openSheet } from '../../testing/house';
import { withSections } from '../../testing/workers';
import { seen } from '../../testing/seen';

const house = houseForAll(true);
beforeEach(() => {
  withSections(true);
});

const doorOf = (): string =>
  /\d\d:\d\d/.exec(screen.getByRole('heading', { name: /Door may open/ }).textContent)?.[0] ?? '';

long(
  'tells where the section keeps what, at any moment and place, and between polarisers',
  async () => {
    const { user } = await openSheet(house, demoPiece('Salt cellar'), 'night');
    await nightChecked();
    // Thick and thin joined said 22 h and more; the section itself asks for some 14.
    expect(screen.getByRole('list', { name: 'What it keeps' })).toHaveTextContent(
      /pulled in the middle of the body, low down 0\.[23]\d MPa/,
    );
    await seen(() => screen.getByText(/in \d of what may be off still hold/));
    await user.click(screen.getByRole('tab', { name: 'Where' }));
    const where = await screen.findByRole('region', { name: 'Where' });
    expect(where).toHaveTextContent(/As thick and thin joined it would have been taken to keep \d/);
    const picture = await within(where).findByRole('img', {
      name: /^The section once cold: tension/,
    });
    fireEvent.click(picture, { clientX: 5, clientY: 5 });
    expect(within(where).getByRole('img', { name: 'Its tension through the night' })).toBeVisible();
    fireEvent.change(within(where).getByLabelText('Moment of the night'), {
      target: { value: '3' },
    });
    expect(
      within(where).getByRole('img', { name: /^The section at \d\d:\d\d: tension/ }),
    ).toBeVisible();
    await user.click(within(where).getByRole('radio', { name: /^Temperature/ }));
    expect(
      within(where).getByRole('img', { name: /: temperature from \d+ °C to \d+ °C/ }),
    ).toBeVisible();
    await user.click(within(where).getByRole('radio', { name: /^Polarisers/ }));
    expect(
      within(where).getByRole('img', {
        name: /^Between crossed polarisers, from the side: \d+ nm/,
      }),
    ).toBeVisible();
  },
);

long(
  'standing flat on the shelf it is another, longer night; what was typed of its corners stays',
  async () => {
    const { user } = await openSheet(house, demoPiece('Salt cellar'), 'night');
    await nightChecked();
    const free = doorOf();
    await user.click(screen.getByText('How its skin sees the box'));
    const corners = screen.getByLabelText(/^Inside corners round by/);
    await user.clear(corners);
    await user.type(corners, '2 mm{Enter}');
    await user.selectOptions(screen.getByLabelText('It stands in the box'), 'flat on the shelf');
    expect(onBoard().firing.standing).toEqual({ rounded: 0.002, stands: 'shelf' });
    expect(screen.getByLabelText(/^Underside sees/)).toHaveValue('0');
    await nightChecked();
    expect(doorOf() > free).toBe(true);
  },
);

long(
  'says what would make the night shorter, does it with one key, and undo takes it back',
  async () => {
    const { user } = await openSheet(house, demoPiece('Salt cellar'), 'night');
    await nightChecked();
    const was = onBoard();
    await user.click(screen.getByRole('tab', { name: 'What helps' }));
    const helps = await screen.findByRole('region', { name: 'What helps' });
    const [first] = within(helps).getAllByRole('listitem');
    expect(first).toHaveTextContent(/^−\d.*blow the body no thicker than 7\.5 mm; it is 10 mm/);
    expect(first).toHaveTextContent(/\d+ g lighter/);
    await user.click(within(first as HTMLElement).getByRole('button', { name: 'Do it' }));
    expect(Math.max(...(onBoard().parts[0]?.profile ?? []).map((p) => p.wall))).toBeCloseTo(0.0075);
    await user.click(screen.getByRole('button', { name: 'Undo' }));
    expect(onBoard()).toEqual(was);
  },
);
