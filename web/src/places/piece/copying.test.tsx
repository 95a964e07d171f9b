// Several points or steps at once, and copying them: by keys, by buttons, into another piece, and what is none of ours.
import type { Form } from '@zanfirico/contract/piece';
import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import type { UserEvent } from '@testing-library/user-event';
import { houseForAll, nightChecked, onBoard, openSheet } from '../../../testing/house';
import { useClipboard } from '../../stores/clipboard';
import { useDraft } from '../../stores/draft';
import { useDisplay } from '../../stores/display';
import { freshDocument } from '../pieces/freshDocument';
import { seen } from '../../../testing/seen';

const house = houseForAll();
beforeEach(() => {
  useDisplay.setState({ units: { temperature: 'C', length: 'mm', mass: 'g' } });
  useClipboard.setState({ points: undefined, steps: undefined });
});

/** The machine's clipboard, as events carry it. */
let held = '';
const clipboardData = {
  setData: (_: string, text: string) => {
    held = text;
  },
  getData: () => held,
};
const key = (what: 'copy' | 'cut' | 'paste'): void => {
  fireEvent[what](document.body, { clipboardData });
};
const fresh = async (form: Form, sheet?: 'braid'): Promise<UserEvent> => {
  const { user } = await openSheet(
    house,
    freshDocument({ name: `Copied ${form}`, form, glass: 'soft-batch-96' }),
    sheet,
  );
  if (sheet) await screen.findByRole('button', { name: 'Place the heats' });
  else await screen.findByRole('list', { name: 'Parts and bits' });
  return user;
};
const heights = (): number[] =>
  (onBoard().parts[0]?.profile ?? []).map((p) => Math.round(p.height * 1e4));
const point = (n: number): HTMLElement =>
  screen.getByRole('button', { name: new RegExp(`^Point ${String(n)}:`) });

describe('points together', () => {
  it('are moved by one, taken out by Delete, and come back by one undo each', async () => {
    const user = await fresh('tumbler');
    const before = heights();
    point(3).focus();
    await user.keyboard(' ');
    point(5).focus();
    await user.keyboard(' ');
    expect(point(3)).toHaveAttribute('aria-pressed', 'true');
    expect(screen.getByRole('group', { name: 'Points in hand' })).toHaveTextContent(
      '2 points together',
    );
    await user.keyboard('{Shift>}{ArrowUp}{/Shift}');
    const by = [0, 0, 10, 0, 10, 0];
    expect(heights()).toEqual(before.map((h, i) => h + (by[i] ?? 0)));
    await user.keyboard('{Delete}');
    expect(heights()).toHaveLength(before.length - 2);
    act(() => {
      useDraft.temporal.getState().undo();
    });
    expect(heights()).toHaveLength(before.length);
  });

  it('walls grow by the same; Escape lets go', async () => {
    const user = await fresh('tumbler');
    const walls = (): number[] =>
      (onBoard().parts[0]?.profile ?? []).map((p) => Math.round(p.wall * 1e4));
    const before = walls();
    await user.click(screen.getByRole('button', { name: 'Point 3, together with others' }));
    await user.keyboard('{Shift>}');
    await user.click(screen.getByRole('button', { name: 'Point 5, together with others' }));
    await user.keyboard('{/Shift}');
    screen.getByRole('button', { name: /^Wall at point 4:/ }).focus();
    await user.keyboard('{ArrowUp}');
    expect(walls().map((w, i) => w - (before[i] ?? 0))).toEqual([0, 0, 1, 1, 1, 0]);
    point(4).focus();
    await user.keyboard('{Escape}');
    expect(screen.queryByRole('group', { name: 'Points in hand' })).toBeNull();
  });

  it('copied and put in raise what is above; the text is read by another piece', async () => {
    const user = await fresh('tumbler');
    const before = heights();
    const tall = before[before.length - 1] ?? 0;
    await user.click(screen.getByRole('button', { name: 'Point 3, together with others' }));
    await user.click(screen.getByRole('button', { name: 'Point 4, together with others' }));
    key('copy');
    expect(JSON.parse(held)).toMatchObject({ format: 'zanfirico.clip', version: 1 });
    key('paste');
    const gap = (before[3] ?? 0) - (before[2] ?? 0);
    expect(heights()).toHaveLength(before.length + 2);
    expect(heights()[heights().length - 1]).toBe(tall + 2 * gap);
    // Those put in are in hand.
    key('cut');
    expect(heights()).toHaveLength(before.length);

    await fresh('bowl');
    const bowl = heights().length;
    key('paste');
    expect(heights()).toHaveLength(bowl + 2);
    await user.click(screen.getByRole('button', { name: /Put in 2 points/ }));
    expect(heights()).toHaveLength(bowl + 4);
  });

  it('what is none of ours is left alone, what is broken is said', async () => {
    await fresh('tumbler');
    const before = onBoard();
    held = 'a shopping list';
    key('paste');
    expect(onBoard()).toBe(before);
    held = JSON.stringify({ format: 'zanfirico.clip', version: 1, points: [{ height: 1 }] });
    key('paste');
    expect(onBoard()).toBe(before);
    await seen(() => screen.getByText(/What was copied cannot be put in/));
  });
});

describe('steps together', () => {
  const kept = () => onBoard().sequence?.variants[onBoard().sequence?.chosen ?? 0]?.steps ?? [];
  const shown = (): HTMLElement[] => screen.getAllByRole('button', { name: /^Step \d+: / });
  const row = (i: number): HTMLElement => shown()[i] as HTMLElement;

  it('are chosen by Shift, moved by Alt and the arrows, copied, put in and taken out', async () => {
    const user = await fresh('tumbler', 'braid');
    await nightChecked();
    const many = shown().length;
    await user.click(row(2));
    await user.keyboard('{Shift>}');
    await user.click(row(4));
    await user.keyboard('{/Shift}');
    expect(screen.getByRole('group', { name: 'Steps in hand' })).toHaveTextContent(
      '3 steps together',
    );
    const names = shown().map((s) =>
      (s.getAttribute('aria-label') ?? '').replace(/^Step \d+: /, ''),
    );
    key('copy');
    key('paste');
    await waitFor(() => {
      expect(kept()).toHaveLength(many + 3);
    });
    const after = shown().map((s) =>
      (s.getAttribute('aria-label') ?? '').replace(/^Step \d+: /, ''),
    );
    expect(after.slice(5, 8)).toEqual(names.slice(2, 5));
    expect(new Set(kept().map((s) => s.id)).size).toBe(many + 3);
    // The three put in go one earlier, side by side.
    row(7).focus();
    await user.keyboard('{Alt>}{ArrowUp}{/Alt}');
    const moved = shown().map((s) =>
      (s.getAttribute('aria-label') ?? '').replace(/^Step \d+: /, ''),
    );
    expect(moved.slice(4, 7)).toEqual(names.slice(2, 5));
    await user.click(screen.getByRole('button', { name: 'Take out' }));
    expect(kept()).toHaveLength(many);
    await user.click(screen.getByRole('button', { name: /Put in 3 steps/ }));
    expect(kept()).toHaveLength(many + 3);
  });
});
