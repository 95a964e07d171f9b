// What the sheets are handed is the same thing for as long as nothing of the piece is another.
import { QueryClientProvider } from '@tanstack/react-query';
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { answers } from '../../api/queries';
import { useDraft } from '../../stores/draft';
import { demoPiece, houseForAll, nightChecked } from '../../../testing/house';
import { PiecePlace } from './PiecePlace';
import { usePiece, type OnBoard } from './usePiece';

const house = houseForAll();
const handed: OnBoard[] = [];
/** Each time the probe was drawn. */
const draws: OnBoard[] = [];

function Probe() {
  const board = usePiece();
  draws.push(board);
  if (handed.at(-1) !== board) handed.push(board);
  return <p>{board.document.name}</p>;
}

it('what is opened beside it redraws no sheet; a letter of its notes redraws it once, with the same answers', async () => {
  const { id } = await house.store.create(demoPiece('Salt cellar'));
  const router = createMemoryRouter(
    [
      {
        path: 'pieces/:id',
        element: (
          <QueryClientProvider client={answers}>
            <PiecePlace />
          </QueryClientProvider>
        ),
        children: [{ index: true, element: <Probe /> }],
      },
    ],
    { initialEntries: [`/pieces/${id}`] },
  );
  const user = userEvent.setup({ delay: null });
  render(<RouterProvider router={router} />);
  await waitFor(() => {
    expect(handed.length).toBeGreaterThan(0);
  });
  await nightChecked();
  await waitFor(() => {
    expect(handed.at(-1)?.night?.state).toBe('checked');
  });
  const [objects, times] = [handed.length, draws.length];
  await user.click(screen.getByRole('button', { name: /^Revision/ }));
  await screen.findByRole('dialog');
  expect([handed.length, draws.length]).toEqual([objects, times]);

  const before = handed.at(-1);
  useDraft.getState().change((d) => ({ ...d, notes: 'thinner at the neck' }));
  await waitFor(() => {
    expect(handed.at(-1)?.document.notes).toBe('thinner at the neck');
  });
  const after = handed.at(-1);
  expect(draws.length).toBe(times + 1);
  expect(after?.derived).toBe(before?.derived);
  expect(after?.last).toBe(before?.last);
  expect(after?.night).toBe(before?.night);
});
