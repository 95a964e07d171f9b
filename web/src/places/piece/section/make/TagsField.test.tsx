// Tags: typed, offered, refused by name, and gone when nothing is left.
import { screen } from '@testing-library/react';
import { houseForAll, onBoard, openSheet } from '../../../../../testing/house';
import { freshDocument } from '../../../pieces/freshDocument';
import { readTags } from './TagsField';

const house = houseForAll(true);

it('are typed with commas, offered from the shelf, and leave no trace when taken away', async () => {
  const { user } = await openSheet(
    house,
    freshDocument({ name: 'Tagged', form: 'bowl', glass: 'soft-batch-96' }),
  );
  await user.click(await screen.findByRole('tab', { name: 'Make' }));
  const field = await screen.findByLabelText('Tags, with commas between');
  await user.type(field, ' gift ,,  autumn   fair, gift{Enter}');
  expect(onBoard().tags).toEqual(['gift', 'autumn fair']);
  await user.click(await screen.findByRole('button', { name: 'Tag it garden' }));
  expect(field).toHaveValue('gift, autumn fair, garden');
  expect(screen.queryByRole('button', { name: 'Tag it gift' })).toBeNull();
  await user.clear(field);
  await user.type(field, 'a word that is far too long for a tag{Enter}');
  expect(screen.getByRole('alert')).toHaveTextContent('37 letters long; a tag has at most 24.');
  expect(onBoard().tags).toHaveLength(3);
  await user.keyboard('{Escape}');
  expect(field).toHaveValue('gift, autumn fair, garden');
  await user.clear(field);
  await user.keyboard('{Enter}');
  expect(onBoard()).not.toHaveProperty('tags');
});

it('more than a piece has room for are refused', () => {
  expect(readTags(Array.from({ length: 13 }, (_, i) => `t${String(i)}`).join(','))).toBe(
    '13 tags; a piece has at most 12.',
  );
});
