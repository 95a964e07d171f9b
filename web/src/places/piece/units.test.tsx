// What a person reads follows the units chosen: no sheet and no leaf of a piece goes on in millimetres, °C or grams, or with a
// point where a comma is written.
import { screen, waitFor, within } from '@testing-library/react';
import { useDisplay } from '../../stores/display';
import { demoPiece, houseForAll, nightChecked, openSheet } from '../../../testing/house';

const house = houseForAll(true);
afterEach(() => {
  useDisplay.setState({ units: { temperature: 'C', length: 'mm', mass: 'g' } });
});

/** A measure in a unit nobody asked for. The span an expansion is told for is its name. */
const METRIC = /\d\s?(mm|cm²|°C|kg|g|K)\b|\bmm\b|°C/;
const NAMED = '20–300 °C';

/** A number with a decimal point: a clock's or a ratio's parts are none, and a glass may have one in its name. */
const POINTED = /\d\.\d/;
const OF_A_NAME = /Hard borosilicate 3\.3/g;

/** Texts on screen like this. */
function found(like: RegExp): string[] {
  const texts: string[] = [];
  const walker = document.createTreeWalker(document.querySelector('main') ?? document.body, 4);
  while (walker.nextNode()) {
    const text = (walker.currentNode.textContent ?? '').replace(OF_A_NAME, '');
    if (like.test(text) && !text.includes(NAMED)) texts.push(text.trim());
  }
  return texts;
}

/** Walks a piece's sheets and leaves, looking on each for what should not be there. */
async function walk(name: string, like: RegExp): Promise<void> {
  const { user } = await openSheet(house, demoPiece(name));
  await nightChecked();
  for (const leaf of ['Draw', 'Read', 'Make']) {
    await user.click(screen.getByRole('tab', { name: leaf }));
    expect([leaf, found(like)]).toEqual([leaf, []]);
  }
  const sheets = screen.getByRole('navigation', { name: 'Sheets' });
  for (const [sheet, there] of [
    ['Colour', /Colour|rack/i],
    ['Braid', /order|in hand/i],
    ['Its night', /Door may open/],
    ['Card', /Print/],
  ] as const) {
    await user.click(within(sheets).getByRole('link', { name: sheet }));
    await waitFor(() => {
      expect(screen.getByRole('main')).toHaveTextContent(there);
    });
    await nightChecked();
    expect([sheet, found(like)]).toEqual([sheet, []]);
    if (sheet !== 'Its night') continue;
    await user.click(screen.getByRole('tab', { name: 'Margins' }));
    await screen.findByRole('region', { name: 'Margins' });
    expect(['Margins', found(like)]).toEqual(['Margins', []]);
  }
}

long.each(['Tide-pool bowl', 'Rain gauge', 'Quay goblet'])(
  '%s in inches, °F and pounds',
  async (name) => {
    useDisplay.setState({ units: { temperature: 'F', length: 'in', mass: 'lb' } });
    await walk(name, METRIC);
  },
);

long.each(['Tide-pool bowl', 'Quay goblet'])('%s with decimal commas', async (name) => {
  useDisplay.setState({ units: { temperature: 'C', length: 'mm', mass: 'g', decimal: ',' } });
  await walk(name, POINTED);
});
