import { placeName } from './placeName';
import { meshed, ringLoop } from './sections.fixture';

const bodies = [
  { name: 'foot', low: 0, high: 0.01 },
  { name: 'stem', low: 0.01, high: 0.06 },
];
const mesh = meshed(ringLoop(0, 0.02, 0.06));

it.each([
  [{ r: 0, z: 0.004 }, 'in the middle of the foot'],
  [{ r: 0.012, z: 0.004 }, 'within the wall of the foot'],
  [{ r: 0.02, z: 0.04 }, 'at the outside of the stem'],
  [{ r: 0.01, z: 0.011 }, 'where the foot meets the stem'],
])('%j is %s', (at, says) => {
  expect(placeName(mesh, { bodies }, at)).toBe(says);
});

it('of one body alone it is told how high; of none it is the glass', () => {
  expect(
    placeName(mesh, { bodies: [{ name: 'body', low: 0, high: 0.06 }] }, { r: 0, z: 0.055 }),
  ).toBe('in the middle of the body, high up');
  expect(placeName(mesh, { bodies: [] }, { r: 0, z: 0.03 })).toBe('in the middle of the glass');
});
