// What the bench leaves in a piece as it goes into the box.
import { arrivingFrom } from './arriving';

const line = (low: number, high: number) => ({ r: [0, 0.01, 0], z: [low, low, high] });
const track = (part: number, zone: number, skin: number[], mean: number[]) => ({
  part,
  zone,
  name: '',
  skin: Float32Array.from(skin),
  mean: Float32Array.from(mean),
});

it('is the last of each part before it is gone from the bench, its zones together', () => {
  const bodies = arrivingFrom(
    {
      samples: 3,
      tracks: [
        track(0, 0, [900, 540, NaN], [920, 560, NaN]),
        track(0, 1, [900, 520, NaN], [900, 540, NaN]),
        track(1, 0, [NaN, NaN, NaN], [NaN, NaN, NaN]),
      ],
    },
    [
      { index: 0, outline: line(0, 0.05) },
      { index: 1, outline: line(0.05, 0.06) },
    ],
  );
  expect(bodies).toHaveLength(1);
  expect(bodies[0]).toMatchObject({ low: 0, high: 0.05, skin: 530 });
  // Mean 20 K over the skin: the middle of a parabola is half as much again.
  expect(bodies[0]?.middle).toBeCloseTo(560, 5);
});
