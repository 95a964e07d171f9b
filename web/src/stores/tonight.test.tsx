// What was kept of tonight before a box could hold many of a piece.
import { useTonight, withCount } from './tonight';

it('takes up a box and a week kept before there were counts', async () => {
  localStorage.setItem(
    'zanfirico.tonight',
    JSON.stringify({
      state: {
        inBox: ['a', 'b'],
        week: { a: { ready: '2026-11-26T16:30', due: '2026-11-28T10:00' } },
      },
      version: 0,
    }),
  );
  await useTonight.persist.rehydrate();
  const { inBox, week, practice } = useTonight.getState();
  expect(inBox).toEqual({ a: 1, b: 1 });
  expect(week).toEqual({ a: { count: 1, ready: '2026-11-26T16:30', due: '2026-11-28T10:00' } });
  expect(practice).toBe('studio');
});

it('none of a piece takes it out, and leaves the others', () => {
  expect(withCount({ a: 2, b: 1 }, 'a', 0)).toEqual({ b: 1 });
  expect(withCount({ b: 1 }, 'a', 6)).toEqual({ b: 1, a: 6 });
});
