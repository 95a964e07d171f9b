// One figure, wherever it is told: shelf, header, Compare, card, CSV and calendar of every demo piece say the same, to the digit.
import { cleanup, screen, waitFor, within } from '@testing-library/react';
import { format, parse } from 'date-fns';
import Papa from 'papaparse';
import { forgetFiles, lastTaken } from '../../../testing/taken';
import { withSections } from '../../../testing/workers';
import { houseForAll, nightChecked, openAt } from '../../../testing/house';
import { demoPieces } from '../../../../server/src/demo/demoPieces';

houseForAll(true);
beforeEach(forgetFiles);

/** "13 h 01" or "55 min" in minutes. */
const minutes = (text: string): number => {
  const [, h, m = 0] = /(\d+) h(?: (\d+))?/.exec(text) ?? [];
  return 60 * Number(h) + Number(m);
};
/** What a figure of the header says, its name apart. */
const headed = (label: RegExp): string => {
  const band = screen.getByRole('region', { name: 'Answers' });
  const button = within(band).getByRole('button', { name: label });
  return [...button.querySelectorAll('.num')].map((e) => e.textContent).join('');
};
const bare = (text: string): string => text.replace(/\s+/g, '');

// Those of the kiln have firings of their own: kiln.test.
const NAMES = demoPieces().flatMap((p) => (p[0] && !p[0].kiln ? [p[0].name] : []));

long.each(NAMES)(
  '%s',
  async (name) => {
    // One of them by its drawn section; the others' take their time.
    withSections(name === 'Salt cellar');
    // The shelf.
    const shelf = openAt('/pieces');
    await shelf.user.type(await screen.findByLabelText('Find a piece by name'), name);
    const link = await screen.findByRole('link', { name });
    await waitFor(
      () => {
        expect(link).toHaveTextContent(/\d+ (h|h \d+|min) in the box/);
      },
      { timeout: 60_000 },
    );
    const [mass = '', work = '', box = ''] = [...link.querySelectorAll('li')].map(
      (l) => l.textContent,
    );
    const address = link.getAttribute('href') ?? '';
    cleanup();

    // The header, and what is compared on the night's sheet.
    const { user } = openAt(address.replace('section', 'night'));
    await screen.findByRole('region', { name: 'Answers' });
    await nightChecked();
    await waitFor(() => {
      expect(screen.getByRole('button', { name: /^Door, / })).toBeVisible();
    });
    const hours = box.replace(' in the box', '');
    expect(bare(headed(/^In the box/))).toBe(bare(hours));
    expect(bare(headed(/^Glass/))).toBe(bare(mass.replace(' glass', '')));
    const gathers = /^(\d+) gathers?$/.exec(work)?.[1];
    if (gathers !== undefined) expect(headed(/^Gathers/)).toMatch(new RegExp(`^${gathers}`));
    const door = headed(/^Door, /);
    expect(screen.getByRole('heading', { name: /Door may open/ })).toHaveTextContent(door);
    await user.click(screen.getByRole('tab', { name: 'Compare' }));
    const compared = await screen.findByRole('region', { name: 'Compared' });
    const tonight = within(compared).getByRole('row', { name: /^Tonight, as set/ });
    expect(within(tonight).getAllByRole('cell')[0]).toHaveTextContent(hours);

    // The card.
    await user.click(screen.getByRole('link', { name: 'Card' }));
    const card = await screen.findByRole('article', { name: 'Bench card' });
    expect(card).toHaveTextContent(new RegExp(`door may open ${door} `));
    expect(within(card).getByText('Glass').nextElementSibling).toHaveTextContent(
      mass.replace(' glass', ''),
    );
    const told = within(card).queryAllByText(/^gather \d/);
    if (gathers !== undefined && told.length > 0) expect(told).toHaveLength(Number(gathers));

    // What leaves as files.
    const take = async (item: string): Promise<string> => {
      forgetFiles();
      await user.click(screen.getByText('Take away'));
      await user.click(screen.getByRole('button', { name: item }));
      await waitFor(async () => {
        expect(await lastTaken()).toBeDefined();
      });
      return (await lastTaken())?.text ?? '';
    };
    const { data } = Papa.parse<Record<string, string>>(
      (await take('Tonight’s schedule, as CSV')).trimEnd(),
      { header: true },
    );
    const afterLast = data.slice(data.findIndex((r) => (r['what'] ?? '').includes('Soak')));
    const sum = afterLast.reduce((total, r) => total + Number(r['minutes']), 0);
    // Each row is rounded to a minute by itself.
    expect(Math.abs(sum - minutes(hours))).toBeLessThanOrEqual(afterLast.length);
    const stamps = (await take('Last in and door, as iCalendar')).matchAll(/DTSTART:(\S+)/g);
    const doorAt = parse([...stamps].at(-1)?.[1] ?? '', "yyyyMMdd'T'HHmmssX", new Date());
    expect(format(doorAt, 'HH:mm')).toBe(door);
  },
  120_000,
);
