// The Braid: drafted, changed, placed, planned; nothing of an order is lost by what is chosen beside it.
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { UserEvent } from '@testing-library/user-event';
import type { PieceDocument } from '@zanfirico/contract/piece';
import Papa from 'papaparse';
import { lastTaken } from '../../../../testing/taken';
import {
  demoPiece,
  houseForAll,
  nightChecked,
  onBoard,
  openSheet,
  typeInto,
} from '../../../../testing/house';
import { useDisplay } from '../../../stores/display';
import { useShop } from '../../../stores/theShop';
import { freshDocument } from '../../pieces/freshDocument';
import { seen } from '../../../../testing/seen';

const house = houseForAll();

const tumbler = (): PieceDocument =>
  freshDocument({ name: 'Braided tumbler', form: 'tumbler', glass: 'soft-batch-96' });
const open = async (document: PieceDocument): Promise<UserEvent> => {
  const { user } = await openSheet(house, document, 'braid');
  await screen.findByRole('button', { name: 'Place the heats' });
  await nightChecked();
  return user;
};
const steps = (): HTMLElement[] => screen.getAllByRole('button', { name: /^Step \d+: / });
const kept = () => onBoard().sequence?.variants[onBoard().sequence?.chosen ?? 0]?.steps ?? [];
/** The draft is there, its heats in it. */
const placed = (): Promise<void> =>
  waitFor(() => {
    expect(screen.queryByText(/placed anew|are placed …/)).toBeNull();
  });
const place = async (user: UserEvent): Promise<void> => {
  await user.click(screen.getByRole('button', { name: 'Place the heats' }));
  await waitFor(
    () => {
      expect(screen.getByRole('button', { name: 'Place the heats' })).toBeEnabled();
      expect(kept().length).toBeGreaterThan(0);
    },
    { timeout: 20_000 },
  );
};

describe('an order is not lost', () => {
  // New tumbler, helpers switched off or a crew chosen, heats placed: no steps were left.
  long('when helpers are switched off before the heats are placed', async () => {
    const user = await open(tumbler());
    const drafted = steps().length;
    await user.click(screen.getByLabelText('with helpers'));
    expect(onBoard().sequence).toMatchObject({ helpers: false, variants: [] });
    // The draft for one pair of hands is another, but no shorter.
    await placed();
    expect(steps().length).toBeGreaterThanOrEqual(drafted - 4);
    await place(user);
    expect(kept().length).toBeGreaterThanOrEqual(drafted - 4);
    expect(kept().some((s) => s.kind === 'blow')).toBe(true);
    expect(steps().length).toBe(kept().length);
  });

  it('when a crew is chosen before a step is changed', async () => {
    const user = await open(tumbler());
    const drafted = steps().length;
    const crew = screen.getByRole('region', { name: 'Crew' });
    await user.click(within(crew).getByLabelText('A crew to start from'));
    await user.click(within(crew).getByRole('button', { name: 'One' }));
    expect(onBoard().sequence?.crew?.length).toBeGreaterThan(0);
    await placed();
    const now = steps().length;
    expect(now).toBeGreaterThanOrEqual(drafted - 4);
    await user.click(steps()[2] as HTMLElement);
    await user.click(screen.getByRole('button', { name: 'Repeat step 3' }));
    expect(kept()).toHaveLength(now + 1);
  });

  long('when a part goes: the steps of the others stay theirs', async () => {
    const candlestick = demoPiece('Harbour candlestick');
    const names = new Map(candlestick.parts.map((p) => [p.id, p.name]));
    const partOf = new Map(
      candlestick.sequence?.variants[0]?.steps.map((s) => [s.id, names.get(s.part)]),
    );
    const user = await open(candlestick);
    await user.click(screen.getByRole('link', { name: 'Section' }));
    const strip = await screen.findByRole('list', { name: 'Parts and bits' });
    await user.click(within(strip).getByRole('button', { name: /foot/ }));
    await user.click(screen.getByRole('button', { name: 'Remove this part' }));
    expect(onBoard().parts.map((p) => p.name)).not.toContain('foot');
    const left = new Map(onBoard().parts.map((p) => [p.id, p.name]));
    const moved = kept().filter(
      (s) => partOf.get(s.id) !== 'foot' && left.get(s.part) !== partOf.get(s.id),
    );
    expect(moved).toEqual([]);
    await user.click(screen.getByRole('link', { name: 'Braid' }));
    await seen(() => screen.getByRole('button', { name: 'Place the heats' }));
    expect(screen.queryByText(/no part/)).toBeNull();
    // One undo brings part and steps back together.
    await user.click(screen.getAllByRole('button', { name: 'Undo' })[0] as HTMLElement);
    expect(onBoard().parts.map((p) => p.name)).toContain('foot');
    expect(kept()).toEqual(candlestick.sequence?.variants[0]?.steps);
  });
});

describe('a step in hand', () => {
  it('is walked to by arrows, lengthened by plus, taken out by Delete', async () => {
    const user = await open(demoPiece('Oil cruet'));
    const strand = screen.getByRole('slider', { name: /^Braid: arrow keys/ });
    strand.focus();
    await user.keyboard('{ArrowRight}{ArrowRight}');
    expect(strand).toHaveAttribute(
      'aria-valuetext',
      expect.stringMatching(/^2 Gather, stopper, at 0:00 for 0:14/),
    );
    await user.keyboard('+');
    expect(strand).toHaveAttribute('aria-valuetext', expect.stringMatching(/for 0:15/));
    const before = kept().length;
    await user.keyboard('{Delete}');
    expect(kept()).toHaveLength(before - 1);
  });

  it('is moved with Alt and an arrow, and the order keeps all its steps', async () => {
    const user = await open(demoPiece('Salt cellar'));
    const ids = (): string[] =>
      steps().map((s) => s.getAttribute('aria-label')?.split(': ')[1] ?? '');
    const before = ids();
    screen.getByRole('slider', { name: /^Braid: arrow keys/ }).focus();
    await user.keyboard('{ArrowRight}{ArrowRight}{ArrowRight}');
    await user.keyboard('{Alt>}{ArrowRight}{/Alt}');
    const after = ids();
    expect([...after].sort()).toEqual([...before].sort());
    expect(after[3]).toBe(before[2]);
  });

  it('the rules speak at once: a chilled tip taken out is missed at the blow', async () => {
    const user = await open(demoPiece('Oil cruet'));
    await user.click(screen.getByRole('button', { name: /: Chill the tip, body/ }));
    screen.getByRole('slider', { name: /^Braid: arrow keys/ }).focus();
    await user.keyboard('{Delete}');
    await user.click(screen.getAllByRole('button', { name: /: Blow out, body/ })[0] as HTMLElement);
    await seen(() => screen.getByText('The tip is hottest and blows out first.'));
  });

  it('too long for its heat it says what goes stiff; refused seconds name their bounds', async () => {
    const user = await open(demoPiece('Oil cruet'));
    await user.click(screen.getByRole('button', { name: /: Open, body/ }));
    const leaf = screen.getByRole('region', { name: /^Step \d+$/ });
    await typeInto(user, within(leaf).getByLabelText('Seconds'), '90');
    expect(leaf).toHaveTextContent(/The lip of the body is (stiff|set|brittle)/);
    await typeInto(user, within(leaf).getByLabelText('Seconds'), '999999');
    expect(within(leaf).getByRole('alert')).toHaveTextContent(/given “999999”; allowed/);
  });

  long('of a kind of our own keeps its name, and is offered in the shop', async () => {
    const user = await open(demoPiece('Salt cellar'));
    await user.click(steps()[3] as HTMLElement);
    await user.selectOptions(screen.getByLabelText('Kind'), 'own');
    fireEvent.change(screen.getByLabelText('Called'), {
      target: { value: 'Press in the tide stamp' },
    });
    await seen(() => screen.getByRole('button', { name: /: Press in the tide stamp/ }));
    await user.click(screen.getByRole('button', { name: 'Keep this kind for the shop' }));
    await seen(() => screen.getByText(/is offered under “\+ a step” in every piece/));
    await user.click(screen.getByLabelText('Add a step after the one in hand'));
    // Going through the list adds nothing; choosing does.
    const before = kept().length;
    await user.keyboard('{Tab}{Tab}{Tab}');
    expect(kept()).toHaveLength(before);
    await user.click(screen.getByRole('button', { name: 'Press in the tide stamp' }));
    expect(kept()[4]).toMatchObject({ kind: 'own', name: 'Press in the tide stamp' });
  });
});

describe('variants', () => {
  long(
    'stand beside each other; drafted afresh the one in hand follows the form again',
    async () => {
      const user = await open(demoPiece('Salt cellar'));
      const drafted = steps().length;
      await user.click(screen.getByRole('button', { name: 'Another variant, from this one' }));
      await user.click(steps()[2] as HTMLElement);
      await user.click(screen.getByRole('button', { name: 'Repeat step 3' }));
      expect(onBoard().sequence?.variants.map((v) => v.steps.length)).toEqual([
        drafted,
        drafted + 1,
      ]);
      await user.selectOptions(screen.getByLabelText('Variant'), 'As planned');
      expect(steps()).toHaveLength(drafted);
      await user.selectOptions(
        screen.getByLabelText('Variant'),
        onBoard().sequence?.variants[1]?.name ?? '',
      );
      expect(steps()).toHaveLength(drafted + 1);
      await user.click(screen.getByRole('button', { name: 'Draft afresh' }));
      expect(steps()).toHaveLength(drafted);
    },
  );

  it('orders of assembly are compared, and one is taken as a variant', async () => {
    const user = await open(demoPiece('Quay goblet'));
    const assembly = screen.getByRole('region', { name: 'Assembly' });
    await user.click(within(assembly).getByRole('button', { name: /^Compare \d+ orders$/ }));
    await waitFor(
      () => {
        expect(assembly).toHaveTextContent('Least risk first');
      },
      { timeout: 60_000 },
    );
    await user.click(await within(assembly).findByRole('button', { name: 'Take order 2' }));
    expect(onBoard().sequence?.variants).toHaveLength(2);
    expect(onBoard().sequence?.chosen).toBe(1);
  }, 90_000);
});

describe('the crew', () => {
  long(
    'is planned for who is there, and says what goes short alone',
    async () => {
      const user = await open(demoPiece('Harbour candlestick'));
      const crew = screen.getByRole('region', { name: 'Crew' });
      await user.click(within(crew).getByRole('button', { name: 'Plan the crew' }));
      await waitFor(
        () => {
          expect(crew).toHaveTextContent('This crew');
        },
        { timeout: 60_000 },
      );
      expect(crew).toHaveTextContent(/nothing is under|nothing can be shorter/);
      expect(crew).toHaveTextContent(/Alone: \d+:\d\d/);
      expect(crew).toHaveTextContent('Without ');
      // Where a pair of hands is missing it says what is done instead.
      expect(crew).toHaveTextContent(/steps \(brings bits\): the piece hangs in the yoke/);
      // The plan is kept with the piece, and with the steps it was made for.
      const variant = onBoard().sequence?.variants[0];
      expect(variant?.plan?.starts).toHaveLength(variant?.steps.length ?? -1);
      expect(crew).toHaveTextContent('It is as long as steps');
      for (const box of within(crew).getAllByLabelText('leads'))
        if ((box as HTMLInputElement).checked) await user.click(box);
      await seen(() => screen.getByText('Nobody of the crew can lead at the bench.'));
    },
    90_000,
  );

  it('with a glory hole fewer costs waits, which is said; a step in hand says who and what it waits for', async () => {
    const user = await open(demoPiece('Harbour candlestick'));
    const crew = screen.getByRole('region', { name: 'Crew' });
    await typeInto(user, within(crew).getByLabelText('Glory holes'), '1');
    expect(onBoard().sequence?.stations?.['glory hole']).toBe(1);
    await user.click(within(crew).getByRole('button', { name: 'Plan the crew' }));
    await waitFor(
      () => {
        expect(crew).toHaveTextContent('With 2 glory holes every wait would hold');
      },
      { timeout: 60_000 },
    );
    expect(crew).toHaveTextContent(/Alone: \d+:\d\d/);
    expect(crew).toHaveTextContent('Without ');
    // The plan is kept with the piece, and with the steps it was made for.
    const variant = onBoard().sequence?.variants[0];
    expect(variant?.plan?.starts).toHaveLength(variant?.steps.length ?? -1);
    await user.click(screen.getByRole('button', { name: /^Step 45:/ }));
    expect(screen.getByRole('region', { name: 'Step 45' })).toHaveTextContent(/gaffer.*once/);
  }, 90_000);
});

describe('the draft', () => {
  it('untouched is good order, and each heat in it says why', async () => {
    const user = await open(tumbler());
    expect(screen.getByText(/^Good order/)).toBeVisible();
    expect(onBoard().sequence).toBeUndefined();
    await user.click(
      screen.getAllByRole('button', { name: /: (Heat|Flash), body/ })[0] as HTMLElement,
    );
    expect(screen.getByRole('region', { name: /^Step \d+$/ })).toHaveTextContent(
      /Placed because: /,
    );
  });

  it('speaks in the person’s units, sentences too', async () => {
    useDisplay.setState({ units: { temperature: 'F', length: 'in', mass: 'lb' } });
    const user = await open(tumbler());
    await user.click(screen.getByRole('button', { name: /: Stick the punty, body/ }));
    const leaf = screen.getByRole('region', { name: /^Step \d+$/ });
    expect(leaf).toHaveTextContent('piece about 1094–1202 °F');
    expect(leaf).not.toHaveTextContent('°C');
    useDisplay.setState({ units: { temperature: 'C', length: 'mm', mass: 'g' } });
  });

  it('of a shop whose glory hole is too cold says which step stops it, and what was tried and holds', async () => {
    await open(tumbler());
    await act(async () => {
      const { shop } = useShop.getState();
      if (!shop) throw new Error('the shop is read');
      const gloryHoles = [{ name: 'a dying fire', mouth: 0.4, reach: 0.5, temperature: 700 }];
      useShop.setState({ shop: { ...shop, document: { ...shop.document, gloryHoles } } });
      await Promise.resolve();
    });
    await seen(() => screen.getByText(/^No order of this piece holds/));
    expect(screen.getByText(/Tried: with the glory hole at 1260 °C it holds\./)).toBeVisible();
  });

  it('can be led by another part: the rest is put onto it, and undo puts the order back', async () => {
    const user = await open(demoPiece('Quay goblet'));
    const led = screen.getByLabelText(/^On the iron first/);
    await user.selectOptions(led, 'foot');
    await placed();
    expect(onBoard().sequence).toMatchObject({ lead: onBoard().parts[0]?.id, variants: [] });
    await waitFor(() => {
      expect(screen.getAllByRole('button', { name: /: Into the garage, bowl/ })).not.toEqual([]);
    });
    await user.click(screen.getAllByRole('button', { name: 'Undo' })[0] as HTMLElement);
    expect(onBoard().sequence?.lead).toBeUndefined();
  });
});

describe('the order leaves', () => {
  const take = async (user: UserEvent, what: string): Promise<string> => {
    await user.click(screen.getAllByText('Take away').at(-1) as HTMLElement);
    await user.click(screen.getByRole('button', { name: what }));
    return (await lastTaken())?.text ?? '';
  };

  it('as a table with its clock and its heat, a row a step', async () => {
    const user = await open(tumbler());
    const text = await take(user, 'The order (CSV)');
    const { data } = Papa.parse<Record<string, string>>(text.trimEnd(), { header: true });
    expect(data).toHaveLength(steps().length);
    const starts = data.map((r) => Number(r['start_s']));
    // Irons are warm before the clock runs; it begins with the first gather.
    expect(starts[0]).toBe(-90);
    expect(starts[data.findIndex((r) => r['step'] === 'Gather')]).toBe(0);
    expect(data.every((r) => Number(r['seconds']) > 0)).toBe(true);
  });

  it('as JSON with its piece’s name, and as a picture of itself that needs no page', async () => {
    const user = await open(tumbler());
    expect(JSON.parse(await take(user, 'The order (JSON)'))).toMatchObject({
      format: 'zanfirico.order',
      piece: 'Braided tumbler',
    });
    const svg = await take(user, 'The braid (SVG)');
    expect(svg).toContain('<svg');
    expect(svg).not.toContain('var(--');
  });
});

describe('looking', () => {
  long('closer shows more of each second, as far as it goes; further shows all', async () => {
    const user = await open(tumbler());
    const width = (): number =>
      Number(screen.getByRole('img', { name: /^The braid/ }).getAttribute('width'));
    const whole = width();
    expect(screen.getByRole('button', { name: 'Show more of it' })).toBeDisabled();
    const closer = screen.getByRole('button', { name: 'Look closer' });
    let last = whole;
    while (!(closer as HTMLButtonElement).disabled) {
      await user.click(closer);
      expect(width()).toBeGreaterThan(last);
      last = width();
    }
    expect(last / whole).toBeGreaterThan(30);
    while (!screen.getByRole<HTMLButtonElement>('button', { name: 'Show more of it' }).disabled)
      await user.click(screen.getByRole('button', { name: 'Show more of it' }));
    expect(width()).toBe(whole);
  });

  it('at a step taken on the drawing, in the table or by keys is looking at the same one', async () => {
    const user = await open(tumbler());
    await user.click(steps()[4] as HTMLElement);
    const leaf = (): HTMLElement => screen.getByRole('region', { name: /^Step \d+$/ });
    expect(leaf()).toHaveAccessibleName('Step 5');
    fireEvent.keyDown(screen.getByRole('slider', { name: /^Braid/ }), { key: 'ArrowLeft' });
    expect(leaf()).toHaveAccessibleName('Step 4');
    expect(screen.getByRole('slider', { name: /^Braid/ })).toHaveAttribute('aria-valuenow', '4');
    fireEvent.keyDown(screen.getByRole('slider', { name: /^Braid/ }), { key: 'ArrowUp' });
    expect(leaf()).toHaveAccessibleName('Step 3');
  });
});
