// What a person reads follows the units chosen: no sheet and no leaf of a piece goes on in millimetres, °C or grams.
import { screen, waitFor, within } from '@testing-library/react';
import { useDisplay } from '../../stores/display';
import { demoPiece, houseForAll, nightChecked, openSheet } from '../../../testing/house';

const house = houseForAll(true);
beforeEach(() => {
  useDisplay.setState({ units: { temperature: 'F', length: 'in', mass: 'lb' } });
});
afterEach(() => {
  useDisplay.setState({ units: { temperature: 'C', length: 'mm', mass: 'g' } });
});

/** A measure in a unit nobody asked for. The span an expansion is told for is its name. */
const METRIC = /\d\s?(mm|cm²|°C|kg|g|K)\b|\bmm\b|°C/;
const NAMED = '20–300 °C';

/** Texts on screen that are not in the person's units. */
function metric(): string[] {
  const found: string[] = [];
  const walker = document.createTreeWalker(document.querySelector('main') ?? document.body, 4);
  while (walker.nextNode()) {
    const text = walker.currentNode.textContent ?? '';
    if (METRIC.test(text) && !text.includes(NAMED)) found.push(text.trim());
  }
  return found;
}

it.each(['Tide-pool bowl', 'Rain gauge', 'Quay goblet'])('%s', async (name) => {
  const { user } = await openSheet(house, demoPiece(name));
  await nightChecked();
  for (const leaf of ['Draw', 'Read', 'Make']) {
    await user.click(screen.getByRole('tab', { name: leaf }));
    expect([leaf, metric()]).toEqual([leaf, []]);
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
    expect([sheet, metric()]).toEqual([sheet, []]);
    if (sheet !== 'Its night') continue;
    await user.click(screen.getByRole('tab', { name: 'Margins' }));
    await screen.findByRole('region', { name: 'Margins' });
    expect(['Margins', metric()]).toEqual(['Margins', []]);
  }
});
