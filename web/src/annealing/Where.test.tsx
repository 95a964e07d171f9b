// The real section of a piece in its night: put through, looked at by moment and place, said with how it stands.
import { fireEvent, screen, within } from '@testing-library/react';
import { demoPiece, houseForAll, nightChecked, openSheet } from '../../testing/house';

const house = houseForAll(true);

it('tells what the section keeps and where, beside what the joined walls say, at any moment and place', async () => {
  const { user } = await openSheet(house, demoPiece('Salt cellar'), 'night');
  await nightChecked();
  await user.click(screen.getByRole('tab', { name: 'Where' }));
  const where = await screen.findByRole('region', { name: 'Where' });
  expect(where).toHaveTextContent(/as a thick wall joined to a thin one/);
  await user.click(within(where).getByRole('button', { name: 'Put the section through it' }));
  const answer = await within(where).findByRole(
    'group',
    { name: 'In the schedule above' },
    { timeout: 60_000 },
  );
  // PHYSICS §9 has 0.113 MPa for it, standing free.
  expect(answer).toHaveTextContent(
    /It keeps 0\.1[0-3] MPa in the middle of the body, low down, of 0\.40 MPa allowed/,
  );
  expect(answer).toHaveTextContent(/they are to the safe side here/);
  const picture = within(answer).getByRole('img', { name: /^The section once cold: tension/ });
  fireEvent.click(picture, { clientX: 5, clientY: 5 });
  expect(within(answer).getByRole('img', { name: 'Its tension through the night' })).toBeVisible();
  fireEvent.change(within(answer).getByLabelText('Moment of the night'), {
    target: { value: '3' },
  });
  expect(
    within(answer).getByRole('img', { name: /^The section at \d\d:\d\d: tension/ }),
  ).toBeVisible();
  await user.click(within(answer).getByRole('radio', { name: /^Temperature/ }));
  expect(
    within(answer).getByRole('img', { name: /: temperature from \d+ °C to \d+ °C/ }),
  ).toBeVisible();
  // Standing otherwise it is another night: the answer is asked for anew.
  await user.click(within(where).getByRole('radio', { name: /^Flat on the shelf/ }));
  expect(within(where).queryByRole('group', { name: 'In the schedule above' })).toBeNull();
});
