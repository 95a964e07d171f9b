// The bench card: what is on the screen is on the paper, the very same figures, and nothing is printed before it is checked.
import { screen, waitFor, within } from '@testing-library/react';
import { demoPiece, houseForAll, nightChecked, openSheet } from '../../../../testing/house';
import { useDisplay } from '../../../stores/display';
import { freshDocument } from '../../pieces/freshDocument';
import { seen } from '../../../../testing/seen';

const house = houseForAll();
beforeEach(() => {
  useDisplay.setState({ units: { temperature: 'C', length: 'mm', mass: 'g' } });
});

const card = (): HTMLElement => screen.getByRole('article', { name: 'Bench card' });
const fact = (name: string): string =>
  within(card()).getByText(name, { selector: 'dt' }).nextElementSibling?.textContent ?? '';
const band = (label: string): string =>
  within(screen.getByRole('region', { name: 'Answers' }))
    .getByRole('button', { name: new RegExp(`^${label}`) })
    .textContent.replace(label, '');
const squeezed = (text: string): string => text.replace(/\s/g, '');

describe('the card', () => {
  it.each(['Tide-pool bowl', 'Salt cellar', 'Oil cruet', 'Gull on a bollard'])(
    'of the %s has the band’s own figures',
    async (name) => {
      await openSheet(house, demoPiece(name), 'card');
      await nightChecked();
      expect(within(card()).getByRole('heading', { name })).toBeVisible();
      expect(squeezed(fact('Glass'))).toBe(squeezed(band('Glass')));
      const wall = fact('Wall');
      expect(squeezed(wall)).toBe(squeezed(`${band('Thinnest')}to${band('Thickest')}`));
      const door = /\d\d:\d\d/.exec(band('Door')) ?? [''];
      expect(card()).toHaveTextContent(`Night: door may open ${door[0]}`);
    },
  );

  it('has a step a line, in order, and each caution in full where it first matters', async () => {
    await openSheet(
      house,
      freshDocument({ name: 'Carded tumbler', form: 'tumbler', glass: 'soft-batch-96' }),
      'card',
    );
    await nightChecked();
    const heading = await within(card()).findByRole('heading', { name: 'Order of work' });
    const list = heading.parentElement?.querySelector('ol');
    if (!list) throw new Error('the order is a list');
    const lines = within(list).getAllByRole('listitem');
    // In the order of the clock, each with the number it has on the Braid.
    const seconds = (text: string | null | undefined): number => {
      const [, sign, m, s] = /^(−?)(\d+):(\d\d)$/.exec(text ?? '') ?? [];
      return (sign === '−' ? -1 : 1) * (60 * Number(m) + Number(s));
    };
    const clock = lines.map((line) => seconds(line.querySelectorAll('.num')[0]?.textContent));
    expect([...clock].sort((a, b) => a - b)).toEqual(clock);
    const numbers = lines.map((line) => Number(line.querySelectorAll('.num')[1]?.textContent));
    expect([...numbers].sort((a, b) => a - b)).toEqual(lines.map((_, i) => i + 1));
    // Weights and calipers stand at their step.
    expect(within(list).getAllByText(/^\+\d+ g, then ⌀/).length).toBeGreaterThan(0);
    expect(within(list).getByText(/^Calipers: /)).toBeVisible();
    const cautions = lines.flatMap((l) =>
      [...l.querySelectorAll('em')].map((e) => e.textContent).filter((t) => t.startsWith('!')),
    );
    expect(cautions.length).toBeGreaterThan(0);
    expect(new Set(cautions).size).toBe(cautions.length);
    // Where it matters again there is its sign.
    expect(lines.some((l) => l.textContent.includes(' !'))).toBe(true);
  });

  it('is in the person’s units, all of it', async () => {
    useDisplay.setState({ units: { temperature: 'F', length: 'in', mass: 'lb' } });
    await openSheet(house, demoPiece('Tide-pool bowl'), 'card');
    await nightChecked();
    expect(fact('Glass')).toMatch(/lb|oz/);
    expect(fact('Height')).toMatch(/ in$/);
    const facts = [...card().querySelectorAll('dd')].map((d) => d.textContent).join(' ');
    expect(facts).not.toMatch(/ mm| g\b|°C/);
    expect(within(card()).getByRole('table')).not.toHaveTextContent('°C');
  });

  it('is printed once its night is checked, never before', async () => {
    const print = jest.spyOn(window, 'print').mockImplementation(() => undefined);
    const { user } = await openSheet(house, demoPiece('Harbour float'), 'card');
    const button = screen.getByRole('button', { name: 'Print' });
    if (!(button as HTMLButtonElement).disabled)
      expect(card()).not.toHaveTextContent('first guess');
    await nightChecked();
    await waitFor(() => {
      expect(button).toBeEnabled();
    });
    await user.click(button);
    expect(print).toHaveBeenCalledTimes(1);
    print.mockRestore();
  });

  it('of a drawing that cannot be made asks for the drawing first, and says what is wrong', async () => {
    const document = freshDocument({ name: 'Broken', form: 'tumbler', glass: 'soft-batch-96' });
    const { user } = await openSheet(house, document, 'section');
    const wall = screen.getByLabelText('Point 4 wall');
    await user.clear(wall);
    await user.type(wall, '60{Enter}');
    await user.click(screen.getByRole('link', { name: 'Card' }));
    await seen(() => screen.getByText(/Mend the drawing first: .*thicker than the room/));
  });

  it('lists the parts of a piece of several, with what each takes', async () => {
    await openSheet(house, demoPiece('Quay goblet'), 'card');
    await nightChecked();
    for (const { name } of demoPiece('Quay goblet').parts) expect(card()).toHaveTextContent(name);
    expect(fact('To gather, all')).toMatch(/g$/);
  });

  it('of a piece of one part has the calipers and blocks of Make, and its bits', async () => {
    const { user } = await openSheet(house, demoPiece('Tide-pool bowl'), 'card');
    await nightChecked();
    const gathers = within(card())
      .getAllByText(/^gather \d$/)
      .map((e) => e.parentElement?.textContent ?? '');
    const told = gathers.map((g) => /⌀ ([\d.]+)/.exec(g)?.[1]);
    const blocks = gathers.map((g) => /block ([\d.]+)/.exec(g)?.[1]);
    expect(blocks.some((b) => b !== undefined)).toBe(true);
    await user.click(screen.getByRole('link', { name: 'Section' }));
    await user.click(await screen.findByRole('tab', { name: 'Make' }));
    const stages = await screen.findByRole('table', { name: /Set the calipers/ });
    for (const [i, across] of told.entries()) {
      const row = within(stages).getByRole('row', { name: new RegExp(`Gather ${String(i + 1)}`) });
      expect(row).toHaveTextContent(`${across ?? 'none'} ×`);
      if (blocks[i] !== undefined) expect(row).toHaveTextContent(`block ⌀ ${blocks[i]}`);
    }
  });

  it('lists the bits of a piece of one part, with what each weighs', async () => {
    const salt = demoPiece('Salt cellar');
    const dots = {
      name: 'shells',
      shape: { kind: 'dot' as const, diameter: 0.012, rise: 0.004 },
      place: { height: 0.02, out: 0.03, around: 0, tilt: 0, copies: 4 },
    };
    await openSheet(house, { ...salt, bits: [dots] }, 'card');
    await nightChecked();
    expect(card()).toHaveTextContent(/shells\s*\d+ g/);
  });
});
