// Glory hole, reach, annealer standing or lying.
import { fitsAnnealer, fitsGloryHole } from './fits';

const hole = { name: 'the big hole', mouth: 0.3, reach: 0.4 };
const box = { name: 'the long box', width: 0.5, depth: 0.4, height: 0.35 };

describe('the glory hole', () => {
  it.each([
    ['a bowl with room', 0.2, 0.15, 'good'],
    ['a wide one, close', 0.27, 0.15, 'watch'],
    ['too wide', 0.31, 0.15, 'no'],
    ['longer than the reach', 0.1, 0.5, 'watch'],
  ])('%s', (_, across, height, verdict) => {
    expect(fitsGloryHole({ across, height }, hole).verdict).toBe(verdict);
  });
});

describe('the annealer', () => {
  it.each([
    ['stands', 0.2, 0.3, 'standing'],
    ['too tall to stand, lies along', 0.1, 0.44, 'lying'],
    ['too long for either side, lies corner to corner', 0.02, 0.55, 'lying'],
    ['too long even so (diagonal of 460 × 360 is 584)', 0.02, 0.6, undefined],
    ['too wide', 0.5, 0.1, undefined],
  ])('%s', (_, across, height, way) => {
    expect(fitsAnnealer({ across, height }, box).way).toBe(way);
  });
});
