// The leaves of the Section: making at the furnace and at the torch, figures on a blank, canes, files in.
import type { Form } from '@zanfirico/contract/piece';
import { screen, waitFor, within } from '@testing-library/react';
import type { UserEvent } from '@testing-library/user-event';
import type { PieceDocument } from '@zanfirico/contract/piece';
import { lastTaken } from '../../../../testing/taken';
import {
  demoPiece,
  houseForAll,
  onBoard,
  openSheet,
  textFile,
  typeInto,
} from '../../../../testing/house';
import { freshDocument } from '../../pieces/freshDocument';
import { seen } from '../../../../testing/seen';

const house = houseForAll();

const fresh = (form: Form): PieceDocument =>
  freshDocument({ name: `Tried ${form}`, form, glass: 'soft-batch-96' });
const open = async (document: PieceDocument, leaf: string): Promise<UserEvent> => {
  const { user } = await openSheet(house, document);
  await user.click(screen.getByRole('tab', { name: leaf }));
  await waitFor(() => {
    expect(screen.queryByText('One moment …')).toBeNull();
  });
  return user;
};
const numberIn = (text: string | null): number => Number(/[\d.]+/.exec(text ?? '')?.[0]);
/** The field whose name begins so. */
const field = (start: string): HTMLElement =>
  screen.getByRole('textbox', { name: new RegExp(`^${start}`) });

describe('at the furnace', () => {
  it('a cooler pot lays thicker, and is said to be cool; every stage has its calipers', async () => {
    const user = await open(fresh('tumbler'), 'Make');
    const stages = await screen.findByRole('table', { name: /Set the calipers/ });
    expect(within(stages).getByRole('row', { name: /First bubble/ })).toBeVisible();
    expect(
      within(stages).getByRole('row', { name: /Finished, moil and trim off/ }),
    ).toHaveTextContent('80.0 × 105');
    const layer = screen.getByRole('button', { name: /^One layer/ });
    const thin = numberIn(layer.textContent);
    await typeInto(user, field('Pot'), '1050');
    expect(numberIn(layer.textContent)).toBeGreaterThan(thin);
    expect(screen.getByText(/The pot is cool for gathering/)).toBeVisible();
    expect(onBoard().making.potTemperature).toBe(1050);
  });

  it('more for moil and trim asks for more glass, in proportion', async () => {
    const user = await open(fresh('bowl'), 'Make');
    const all = screen.getAllByRole('button', { name: /^To gather/ });
    const grams = (): number => numberIn(all.at(-1)?.textContent.replace(/^[^\d]*/, '') ?? '');
    await typeInto(user, field('For moil'), '0');
    const bare = grams();
    await typeInto(user, field('For moil'), '50');
    expect(grams() / bare).toBeCloseTo(1.5, 2);
  });

  long(
    'weigh-ins of one hand teach its layer, a wild one is set aside, and all can be forgotten',
    async () => {
      const user = await open(fresh('bowl'), 'Make');
      const who = screen.getByLabelText('Who gathers (role)');
      const call = async (name: string): Promise<void> => {
        await user.clear(who);
        await user.type(who, name);
      };
      await call('apprentice');
      const layer = (): string => screen.getByRole('button', { name: /^One layer/ }).textContent;
      const before = layer();
      const weigh = async (grams: string): Promise<void> => {
        await typeInto(user, screen.getByLabelText(/^Glass on the iron/), grams);
        await user.click(screen.getByRole('button', { name: 'Log it' }));
        await waitFor(() => {
          expect(screen.getByRole('button', { name: 'Log it' })).toBeDisabled();
        });
      };
      for (const grams of ['240', '250', '244']) await weigh(grams);
      expect(
        await screen.findByText(/layers on this iron, in this glass, come out/),
      ).toHaveTextContent('from 3 weigh-ins');
      const learned = layer();
      expect(learned).not.toBe(before);
      await weigh('900');
      await seen(() => screen.getByText(/1 of them too wild to count/));
      expect(layer()).toBe(learned);
      // Another hand has learned nothing from it.
      await call('assistant');
      expect(layer()).toBe(before);
      await call('apprentice');
      expect(layer()).toBe(learned);
      await user.click(screen.getByRole('button', { name: 'Forget what was learned' }));
      await waitFor(() => {
        expect(layer()).toBe(before);
      });
      expect(screen.getAllByText(/reset/)).toHaveLength(4);
    },
  );

  it('another pipe changes the plan; the torch asks other things', async () => {
    const user = await open(fresh('tumbler'), 'Make');
    const stages = (): string =>
      screen.getByRole('table', { name: /Set the calipers/ }).textContent;
    const pipe = screen.getByLabelText(/^Pipe/);
    const before = stages();
    await user.selectOptions(
      pipe,
      within(pipe).getAllByRole<HTMLOptionElement>('option').at(-1) as HTMLElement,
    );
    expect(onBoard().making.ironDiameter).not.toBe(0.0254);
    expect(stages()).not.toBe(before);
    await user.click(screen.getByRole('radio', { name: 'At the torch' }));
    expect(onBoard().way).toBe('torch');
    await seen(() => screen.getByRole('region', { name: 'Moves' }));
  });
});

describe('at the torch', () => {
  it('a bulb, a pull and a batch are worked out of the stock, and a wall that is none refused', async () => {
    const user = await open(demoPiece('Rain gauge'), 'Make');
    const moves = await screen.findByRole('region', { name: 'Moves' });
    await user.selectOptions(within(moves).getByLabelText('From'), 'tube 32.0 mm × 4.0 mm');
    // A 70 mm bulb of 1.8 mm wall from 32 × 4 tubing takes 74.8 mm (conservation of volume).
    expect(moves).toHaveTextContent('Mark 74.8 mm.');
    await user.selectOptions(within(moves).getByLabelText('Move'), 'What a pull gives');
    await typeInto(user, within(moves).getByLabelText(/^Pulled to, across/), '8');
    // 32 to 8 mm: sixteen times as long; bore and wall keep their proportion.
    expect(moves).toHaveTextContent('Gives 960 mm, wall 1.0 mm, bore 6.0 mm.');
    const cuts = screen.getByRole('region', { name: 'Cut list' });
    expect(cuts).toHaveTextContent('1 stick of 1500 mm');
    await typeInto(user, within(cuts).getByLabelText('Pieces'), '12');
    expect(cuts).toHaveTextContent(/\d+ sticks of 1500 mm, \d+ % left over/);
    await user.click(within(cuts).getByRole('button', { name: 'CSV' }));
    expect((await lastTaken())?.text.split('\r\n')).toHaveLength(14);
    await typeInto(user, screen.getByLabelText(/^Tube wall/), '25');
    expect(screen.getByRole('alert')).toHaveTextContent('Tube wall: given 25.0 mm; allowed');
  });
});

describe('a figure', () => {
  it('laid on the finished glass comes pre-shrunk for the blank, and the other way round', async () => {
    const user = await open(fresh('bowl'), 'Pattern');
    await user.click(await screen.findByRole('button', { name: 'Lay a figure on the body' }));
    const dots = (): string => screen.getByText(/On the blank each dot is/).textContent;
    const small = dots();
    await typeInto(user, field('Across'), '18');
    expect(dots()).not.toBe(small);
    await user.click(screen.getByRole('radio', { name: 'the blank' }));
    expect(screen.getByText(/On the glass each dot ends/)).toBeVisible();
    expect(onBoard().pattern?.drawnOn).toBe('blank');
  });

  it('moved off the glass both forms share is said to be, and prints no template', async () => {
    const user = await open(fresh('bowl'), 'Pattern');
    await user.click(await screen.findByRole('button', { name: 'Lay a figure on the body' }));
    await typeInto(user, field('Middle at'), '500');
    expect(screen.getByText(/the two forms share no glass/)).toBeVisible();
    expect(screen.getByRole('button', { name: /Print it for the blank/ })).toBeDisabled();
  });

  it('leaves as a drawing true to scale, with a bar to measure', async () => {
    const user = await open(fresh('bowl'), 'Pattern');
    await user.click(await screen.findByRole('button', { name: 'Lay a figure on the body' }));
    await user.click(screen.getByRole('button', { name: /Print it for the blank/ }));
    const sheet = await screen.findByRole('dialog', { name: 'For the blank, true to scale' });
    expect(within(sheet).getByRole('img', { name: '12 figures at true scale' })).toBeVisible();
    await user.click(within(sheet).getByRole('button', { name: 'Not now' }));
    await user.click(screen.getByRole('button', { name: 'As SVG' }));
    expect((await lastTaken())?.text).toContain('50 mm · 1:1');
  });

  it('comes in from a drawing; one without a path is refused with why', async () => {
    const user = await open(fresh('bowl'), 'Pattern');
    await user.click(await screen.findByRole('button', { name: 'Lay a figure on the body' }));
    await user.click(screen.getByRole('radio', { name: 'From an SVG' }));
    const file = screen.getByLabelText('Figure file');
    await user.upload(file, textFile('leaf.svg', '<svg><text>no</text></svg>', 'image/svg+xml'));
    expect(await screen.findByRole('alert')).toHaveTextContent('This drawing has no path');
    await user.upload(
      file,
      textFile(
        'leaf.svg',
        '<svg><path d="M0 0C4 -8 12 -8 16 0C12 8 4 8 0 0Z"/></svg>',
        'image/svg+xml',
      ),
    );
    // The alert goes when the file is taken; the figure comes once it has been read.
    await waitFor(() => {
      expect(screen.queryByRole('alert')).toBeNull();
      expect(onBoard().pattern?.figure.kind).toBe('outline');
    });
  });

  it('of a blank as wide as is wanted keeps its glass; without a pattern it goes, and undo brings it back', async () => {
    const user = await open(fresh('bowl'), 'Pattern');
    await user.click(await screen.findByRole('button', { name: 'Lay a figure on the body' }));
    const kept = onBoard().pattern;
    await user.click(screen.getByText('The blank in numbers'));
    const wall = screen.getByLabelText('Blank point 3 wall');
    await typeInto(user, wall, '9');
    expect(onBoard().pattern?.blank[2]?.wall).toBeCloseTo(0.009, 6);
    await user.click(screen.getByRole('button', { name: 'No pattern' }));
    expect(onBoard().pattern).toBeUndefined();
    await user.click(screen.getByRole('button', { name: 'Undo' }));
    await user.click(screen.getByRole('button', { name: 'Undo' }));
    expect(onBoard().pattern).toEqual(kept);
  });
});

describe('canes', () => {
  it('close round the bubble, ask for a thicker billet, and twist on the finished glass', async () => {
    const user = await open(demoPiece('Tide-pool bowl'), 'Cane');
    await typeInto(user, field('Bubble ⌀'), '40');
    await typeInto(user, field('Cane ⌀'), '6');
    // Chords on the circle of the canes' middles: 2π / (2 asin(6/46)) = 24.04.
    expect(screen.getByRole('tabpanel')).toHaveTextContent(/24 canes go round/);
    await typeInto(user, field('Billet ⌀'), '5');
    expect(screen.getByRole('alert')).toHaveTextContent('A pull only thins');
    await user.click(screen.getByRole('button', { name: 'Dip it in a ribbed mould' }));
    expect(screen.getByText(/on the finished glass every/)).toBeVisible();
  });
});

describe('a profile read from a file', () => {
  const ask = async (text: string, name: string, type: string): Promise<UserEvent> => {
    const user = await open(fresh('tumbler'), 'Draw');
    await user.click(screen.getByRole('button', { name: /Read a profile/ }));
    const file = await screen.findByLabelText('Profile file');
    await user.upload(file, textFile(name, text, type));
    return user;
  };
  const TABLE = 'height,radius,wall\n0,0,4\n0,30,4\n80,40,3\n120,42,2.5\n';

  it('of a table is shown with its measures before it is put on the board', async () => {
    const user = await ask(TABLE, 'cup.csv', 'text/csv');
    await seen(() => screen.getByText(/4 points, 120 mm high, ⌀ 84\.0 mm/));
    const before = onBoard().parts[0]?.profile.length;
    expect(before).not.toBe(4);
    await user.click(screen.getByRole('button', { name: 'Put it on the board' }));
    expect(onBoard().parts[0]?.profile.map((p) => p.radius)).toEqual([0, 0.03, 0.04, 0.042]);
  });

  it('of a drawing takes its size from how tall it is said to be', async () => {
    const user = await ask(
      '<svg xmlns="http://www.w3.org/2000/svg"><path d="M0 200 L60 200 L80 0"/></svg>',
      'cup.svg',
      'image/svg+xml',
    );
    const tall = await screen.findByRole('textbox', { name: /^So tall/ });
    await typeInto(user, tall, '100');
    await seen(() => screen.getByText(/points, 100 mm high/));
    await user.click(screen.getByRole('radio', { name: 'at x = 0' }));
    await typeInto(user, screen.getByRole('textbox', { name: /^Wall all over/ }), '4');
    await user.click(screen.getByRole('button', { name: 'Put it on the board' }));
    const { profile } = onBoard().parts[0] as PieceDocument['parts'][number];
    const heights = profile.map((p) => p.height);
    expect(Math.max(...heights) - Math.min(...heights)).toBeCloseTo(0.1, 4);
    expect(Math.max(...profile.map((p) => p.radius))).toBeCloseTo(0.04, 4);
  });

  it('of no drawing and no table is refused, and nothing can be put on the board', async () => {
    await ask('<svg><text>no line</text></svg>', 'none.svg', 'image/svg+xml');
    await seen(() => screen.getByRole('alert'));
    expect(screen.getByRole('button', { name: 'Put it on the board' })).toBeDisabled();
  });
});
