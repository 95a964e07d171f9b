// The Section: points, walls, parts and bits edited by keys and fields; what cannot be made is said at its place.
import type { Form } from '@zanfirico/contract/piece';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { UserEvent } from '@testing-library/user-event';
import { useDraft } from '../../../stores/draft';
import { useDisplay } from '../../../stores/display';
import { houseForAll, onBoard, openSheet, textFile, typeInto } from '../../../../testing/house';
import { freshDocument } from '../../pieces/freshDocument';
import { seen } from '../../../../testing/seen';

const house = houseForAll();
beforeEach(() => {
  useDisplay.setState({ units: { temperature: 'C', length: 'mm', mass: 'g' } });
});

const open = async (form: Form): Promise<UserEvent> => {
  const { user } = await openSheet(
    house,
    freshDocument({ name: 'Drawn', form, glass: 'soft-batch-96' }),
  );
  await screen.findByRole('list', { name: 'Parts and bits' });
  return user;
};
const answer = (label: string): HTMLElement =>
  within(screen.getByRole('region', { name: 'Answers' })).getByRole('button', {
    name: new RegExp(`^${label}`),
  });
const add = async (user: UserEvent, menu: 'Part' | 'Bit', item: string): Promise<void> => {
  await user.click(screen.getByText(menu, { selector: 'summary, summary *' }));
  await user.click(screen.getByRole('button', { name: item }));
};
const strip = (): HTMLElement => screen.getByRole('list', { name: 'Parts and bits' });
const look = (): HTMLElement | null => screen.queryByRole('status', { name: 'Needs a look' });

describe('points and walls', () => {
  it('arrows nudge by 0.1 mm, with shift by 1 mm; plus and Delete add and remove points', async () => {
    const user = await open('tumbler');
    screen.getByRole('button', { name: /^Point 4:/ }).focus();
    await user.keyboard('{ArrowUp}');
    expect(screen.getByLabelText('Point 4 height')).toHaveValue('30.1');
    await user.keyboard('{Shift>}{ArrowLeft}{/Shift}');
    expect(screen.getByLabelText('Point 4 radius')).toHaveValue('36');
    screen.getByRole('button', { name: /^Wall at point 4:/ }).focus();
    await user.keyboard('{ArrowUp}');
    expect(screen.getByLabelText('Point 4 wall')).toHaveValue('3.6');
    screen.getByRole('button', { name: /^Point 4:/ }).focus();
    await user.keyboard('+');
    expect(screen.getByLabelText('Point 7 height')).toBeVisible();
    screen.getByRole('button', { name: /^Point 5:/ }).focus();
    await user.keyboard('{Delete}');
    expect(screen.queryByLabelText('Point 7 height')).toBeNull();
    expect(onBoard().parts[0]?.profile).toHaveLength(6);
  });

  it('held by the pointer is one step of undo, however long the hand rests; keys are one a burst', async () => {
    const user = await open('tumbler');
    const radius = (): string => screen.getByLabelText<HTMLInputElement>('Point 5 radius').value;
    const handle = screen.getByRole('button', { name: /^Point 5:/ });
    const at = (clientX: number) => ({ clientX, clientY: 200, pointerId: 1, button: 0 });
    fireEvent.pointerDown(handle, at(300));
    fireEvent.pointerMove(handle, at(290));
    const rested = radius();
    expect(rested).not.toBe('38');
    // Longer than keys may rest (0.6 s).
    await new Promise((done) => setTimeout(done, 800));
    fireEvent.pointerMove(handle, at(270));
    fireEvent.pointerUp(handle, at(270));
    const moved = radius();
    expect(moved).not.toBe(rested);
    await user.click(screen.getByRole('button', { name: 'Undo' }));
    expect(radius()).toBe('38');
    expect(screen.getByRole('button', { name: 'Undo' })).toBeDisabled();
    await user.click(screen.getByRole('button', { name: 'Redo' }));
    expect(radius()).toBe(moved);
    screen.getByRole('button', { name: /^Point 5:/ }).focus();
    await user.keyboard('{ArrowLeft}{ArrowLeft}');
    await new Promise((done) => setTimeout(done, 800));
    await user.keyboard('{ArrowLeft}');
    const undos = async (): Promise<number> => {
      for (let n = 0; ; n += 1) {
        if (screen.getByRole<HTMLButtonElement>('button', { name: 'Undo' }).disabled) return n;
        await user.click(screen.getByRole('button', { name: 'Undo' }));
      }
    };
    expect(await undos()).toBe(3);
  });

  it('what is typed is read in any unit, and shown in the person’s own', async () => {
    const user = await open('tumbler');
    const height = screen.getByLabelText('Point 6 height');
    await typeInto(user, height, '4 1/4 in');
    expect(height).toHaveValue('107.95');
    expect(onBoard().parts[0]?.profile[5]?.height).toBeCloseTo(0.10795, 9);
    await user.click(screen.getByRole('button', { name: /^Length in mm/ }));
    expect(screen.getByLabelText('Point 6 height')).toHaveValue('4.25');
    await user.click(screen.getByRole('button', { name: /^Weight in g/ }));
    expect(answer('Glass')).toHaveTextContent(/oz|lb/);
  });

  it('a wall out of bounds is refused at its field, one that finds no room at its point', async () => {
    const user = await open('tumbler');
    const wall = screen.getByLabelText('Point 4 wall');
    await typeInto(user, wall, '0');
    expect(screen.getByRole('alert')).toHaveTextContent(
      /Point 4 wall: given 0\.0 mm; allowed 0\.3 mm to 500 mm\./,
    );
    await user.keyboard('{Escape}');
    const glass = answer('Glass').textContent;
    await typeInto(user, wall, '60');
    await seen(() => screen.getByText(/the wall, 60 mm, is thicker than the room there/));
    expect(screen.getByRole('button', { name: /^Point 4:.*problem/ })).toBeInTheDocument();
    // The answers stay those of the newest form that could be made.
    expect(answer('Glass')).toHaveTextContent(glass);
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await seen(() => screen.getByText(/Not saved. body: Point 4/));
    await user.click(screen.getAllByRole('button', { name: 'Undo' })[0] as HTMLElement);
    expect(screen.queryByText('This cannot be made yet.')).toBeNull();
  });

  it('mirrored, the upper half follows the lower', async () => {
    const user = await open('ball');
    await typeInto(user, screen.getByLabelText('Point 7 radius'), '50');
    await user.click(screen.getByLabelText('Mirror'));
    expect(screen.getByLabelText('Point 7 radius')).toHaveValue('42.43');
    screen.getByRole('button', { name: /^Point 3:/ }).focus();
    await user.keyboard('{Shift>}{ArrowLeft}{/Shift}');
    expect(screen.getByLabelText('Point 7 radius')).toHaveValue('43.4');
    await user.click(screen.getByLabelText('Mirror'));
    expect(onBoard().parts[0]).not.toHaveProperty('mirror');
  });

  it('a tangent pulled changes the glass, let go leaves no trace', async () => {
    const user = await open('tumbler');
    const before = onBoard().parts[0]?.profile;
    screen.getByRole('button', { name: /^Point 4:/ }).focus();
    await user.click(screen.getByRole('button', { name: /^Point 4:/ }));
    screen.getByRole('button', { name: 'Tangent at point 4, onwards' }).focus();
    await user.keyboard('{Shift>}{ArrowLeft}{ArrowLeft}{/Shift}');
    expect(onBoard().parts[0]?.profile[3]).toHaveProperty('pull');
    await user.click(screen.getByRole('button', { name: 'Let the tangent at 4 go free' }));
    expect(onBoard().parts[0]?.profile).toEqual(before);
  });
});

describe('parts', () => {
  it('a knop goes in above the foot, is copied, removed, and comes back with one undo', async () => {
    const user = await open('stemmed');
    expect(
      within(strip())
        .getAllByRole('button')
        .map((b) => b.textContent),
    ).toEqual([
      expect.stringContaining('foot'),
      expect.stringContaining('stem'),
      expect.stringContaining('merese'),
      expect.stringContaining('bowl'),
    ]);
    await add(user, 'Part', 'Knop');
    expect(screen.getByLabelText('Name of the part')).toHaveValue('knop');
    expect(look()).toBeNull();
    const ids = onBoard().parts.map((p) => p.id);
    expect(new Set(ids).size).toBe(5);
    await user.click(screen.getByRole('button', { name: 'Copy this part' }));
    expect(screen.getByLabelText('Name of the part')).toHaveValue('knop again');
    expect(ids).not.toContain(onBoard().parts[5]?.id);
    await user.click(screen.getByRole('button', { name: 'Remove this part' }));
    expect(onBoard().parts.map((p) => p.id)).toEqual(ids);
    useDraft.temporal.getState().undo();
    expect(onBoard().parts).toHaveLength(6);
  });

  it('moved off its neighbour a part is said to hang, with its place', async () => {
    const user = await open('stemmed');
    await add(user, 'Part', 'Knop');
    screen.getByRole('button', { name: /^5, knop/ }).focus();
    await user.keyboard('{Shift>}{ArrowDown}{ArrowDown}{/Shift}');
    expect(await screen.findByRole('status', { name: 'Needs a look' })).toHaveTextContent(
      /Part 5, knop, runs [12](\.\d)? mm into foot/,
    );
    expect(look()).toHaveTextContent('Part 2, stem, touches no other part');
  });

  it('a part is made solid, of another glass, and lifted out: only what was chosen is kept', async () => {
    const user = await open('stemmed');
    await user.click(within(strip()).getByRole('button', { name: /bowl/ }));
    await user.click(screen.getByRole('radio', { name: 'Solid' }));
    expect(onBoard().parts[3]).toHaveProperty('work', 'solid');
    await user.click(screen.getByRole('radio', { name: 'Blown' }));
    expect(onBoard().parts[3]).not.toHaveProperty('work');
    await user.selectOptions(screen.getByLabelText('Its glass'), 'lead-crystal-91');
    expect(onBoard().parts[3]).toHaveProperty('glass', 'lead-crystal-91');
    await user.click(screen.getByLabelText('Lifts out'));
    expect(onBoard().parts[3]).toHaveProperty('role', 'stopper');
  });
});

describe('bits', () => {
  it('a handle weighs, hangs in the air when moved off, is copied and removed without a trace', async () => {
    const user = await open('tumbler');
    const tips = answer('Tips at').textContent;
    await add(user, 'Bit', 'Handle');
    expect(answer('Tips at').textContent).not.toBe(tips);
    expect(look()).toBeNull();
    await typeInto(user, screen.getByLabelText(/^Off the axis/), '70');
    expect(await screen.findByRole('status', { name: 'Needs a look' })).toHaveTextContent(
      'handle hangs in the air',
    );
    await typeInto(user, screen.getAllByLabelText(/^Across/)[0] as HTMLElement, '0.1');
    expect(screen.getByRole('alert')).toHaveTextContent(
      /Across: given 0\.1 mm; allowed 0\.2 mm to/,
    );
    await user.keyboard('{Escape}');
    await user.click(screen.getByRole('button', { name: 'Copy this bit' }));
    expect(onBoard().bits?.map((b) => b.name)).toEqual(['handle', 'handle again']);
    await user.click(screen.getByRole('button', { name: 'Remove this bit' }));
    await user.click(within(strip()).getByRole('button', { name: /handle/ }));
    await user.click(screen.getByRole('button', { name: 'Remove this bit' }));
    expect(onBoard()).not.toHaveProperty('bits');
    expect(answer('Tips at').textContent).toBe(tips);
  });

  it.each([
    'Spout, pulled from the lip',
    'Spout, a tube stuck on',
    'Dots',
    'Prunts',
    'Wrap',
    'A pair of wings',
    'Rod',
    'Ball',
    'Ellipsoid',
    'Box',
  ])('%s can be added, and the piece can still be made', async (item) => {
    const user = await open('bottle');
    await add(user, 'Bit', item);
    expect(onBoard().bits).toHaveLength(1);
    expect(screen.queryByText('This cannot be made yet.')).toBeNull();
    const { id } = await house.store.create(onBoard());
    expect((await house.store.get(id))?.document.bits).toEqual(onBoard().bits);
  });

  it('a count in halves is refused', async () => {
    const user = await open('bottle');
    await add(user, 'Bit', 'Dots');
    await typeInto(user, screen.getByLabelText('So many'), '2.5');
    expect(screen.getByRole('alert')).toHaveTextContent(
      'So many: given “2.5”; allowed whole numbers',
    );
  });
});

describe('answers', () => {
  it('each says why: a source, and what would change it', async () => {
    const user = await open('bowl');
    for (const label of ['Glass', 'Gathers', 'Tips at', 'Thickest']) {
      await user.click(answer(label));
      const why = screen.getByRole('complementary', { name: new RegExp(`^Why: ${label}`) });
      expect(why).toHaveTextContent('Source:');
      expect(why).toHaveTextContent('What would change it');
    }
    await user.keyboard('{Escape}');
    expect(screen.queryByRole('complementary')).toBeNull();
  });

  it('notes and name are the piece’s; a name of nothing is not kept', async () => {
    const user = await open('bowl');
    await user.click(screen.getByRole('tab', { name: 'Make' }));
    fireEvent.change(await screen.findByLabelText('Notes'), {
      target: { value: 'thinner next time' },
    });
    expect(onBoard().notes).toBe('thinner next time');
    const name = screen.getByLabelText('Name of the piece');
    await typeInto(user, name, 'Low bowl');
    expect(onBoard().name).toBe('Low bowl');
    await user.clear(name);
    await user.tab();
    expect(onBoard().name.trim()).not.toBe('');
  });
});

describe('undo from a field', () => {
  it('what was taken is undone with the drawing; what is half typed is the field’s own', async () => {
    const user = await open('tumbler');
    const radius = screen.getByLabelText<HTMLInputElement>('Point 5 radius');
    await typeInto(user, radius, '44');
    expect(onBoard().parts[0]?.profile[4]?.radius).toBe(0.044);
    radius.focus();
    await user.keyboard('{Control>}z{/Control}');
    expect(onBoard().parts[0]?.profile[4]?.radius).toBe(0.038);
    expect(radius).toHaveValue('38');
    await user.keyboard('{Control>}{Shift>}z{/Shift}{/Control}');
    expect(radius).toHaveValue('44');
    await user.type(radius, '9');
    await user.keyboard('{Control>}z{/Control}');
    expect(onBoard().parts[0]?.profile[4]?.radius).toBe(0.044);
  });
});

describe('a part of another piece', () => {
  it('is found by name and stands on the part in hand, what was there lifted; undo takes it out', async () => {
    const other = freshDocument({ name: 'Tall one', form: 'stemmed', glass: 'soft-batch-96' });
    await house.store.create(other);
    const user = await open('cube');
    await add(user, 'Part', 'From another piece …');
    await user.type(await screen.findByLabelText('Find a piece'), 'tall');
    await user.click(await screen.findByRole('button', { name: 'Tall one' }));
    await user.click(
      within(await screen.findByRole('list', { name: 'Parts of Tall one' })).getByRole('button', {
        name: /stem/,
      }),
    );
    expect(strip()).toHaveTextContent('stem');
    const [cube, stem] = onBoard().parts;
    const heights = (p: typeof cube): number[] => p?.profile.map((q) => q.height) ?? [];
    expect(Math.min(...heights(stem))).toBeCloseTo(Math.max(...heights(cube)), 6);
    expect(look()).toBeNull();
    await user.keyboard('{Control>}z{/Control}');
    expect(onBoard().parts).toHaveLength(1);
  });
});

describe('a part that is not round, and one with a hole', () => {
  it('is flattened by its depth, read from a drawing, and round again; what cannot be is said', async () => {
    const user = await open('tumbler');
    const glass = (): string => answer('Glass').textContent;
    const round = glass();
    await user.selectOptions(screen.getByLabelText('Cut across'), 'oval');
    expect(onBoard().parts[0]?.across).toMatchObject({ kind: 'oval', depth: 0.6 });
    expect(glass()).not.toBe(round);
    await typeInto(user, screen.getByLabelText(/^Deep/), '40 mm');
    expect(
      screen.getByRole('img', { name: /Cut across: 80.0 mm wide, 40.0 mm deep/ }),
    ).toBeVisible();
    const svg = (d: string): File =>
      textFile(
        'cut.svg',
        `<svg xmlns="http://www.w3.org/2000/svg"><path d="${d}"/></svg>`,
        'image/svg+xml',
      );
    await user.upload(screen.getByLabelText('Outline across (SVG)'), svg('M0 0H40V20H0Z'));
    await waitFor(() => {
      expect(onBoard().parts[0]?.across?.kind).toBe('drawn');
    });
    expect(screen.getByRole('img', { name: /80.0 mm wide, 40.0 mm deep/ })).toBeVisible();
    await user.upload(
      screen.getByLabelText('Outline across (SVG)'),
      svg('M0 0L40 0L40 40L38 2L2 2L2 40L0 40Z'),
    );
    await seen(() => screen.getByText(/doubles back as seen from its middle/));
    await user.selectOptions(screen.getByLabelText('Cut across'), 'round');
    expect(onBoard().parts[0]).not.toHaveProperty('across');
    expect(glass()).toBe(round);
  });
  it('a hole lets it run out at its edge; one with no wall behind it is refused at its place', async () => {
    const user = await open('tumbler');
    const holds = (): number => Number(/[\d.]+/.exec(answer('Holds').textContent)?.[0]);
    const whole = holds();
    await user.click(screen.getByRole('button', { name: 'A hole through the wall' }));
    expect(holds()).toBeLessThan(0.6 * whole);
    await typeInto(user, screen.getByLabelText(/^Hole 1 up/), '200 mm');
    expect(screen.getByText(/Hole 1: 10 mm across at 200 mm up; there is no wall/)).toBeVisible();
    await user.click(screen.getByRole('button', { name: 'Close hole 1' }));
    expect(holds()).toBe(whole);
  });
});
