// A kiln's curve read between its points.
import { curveBetween, temperatureAt, upTo } from './kilnCurve';

const curve = { time: [0, 100, 100, 300], temperature: [500, 500, 400, 200] };

describe('a kiln curve', () => {
  it.each([
    [-10, 500],
    [0, 500],
    [60, 500],
    [150, 350],
    [300, 200],
    [999, 200],
  ])('at %p s it is %p °C: straight between its points, flat outside them', (t, temperature) => {
    expect(temperatureAt(curve, t)).toBeCloseTo(temperature, 9);
  });

  it('a sudden change is one: before it the old value, after it the new', () => {
    expect(temperatureAt(curve, 99.999)).toBeCloseTo(500, 3);
    expect(temperatureAt(curve, 100.001)).toBeCloseTo(400, 2);
    expect(curveBetween(curve, 1, 100)).toBe(400);
  });

  it('cut short it ends at that moment, at its temperature then', () => {
    const cut = upTo(curve, 200);
    expect(cut.time).toEqual([0, 100, 100, 200]);
    expect(cut.temperature).toEqual([500, 500, 400, 300]);
    expect(temperatureAt(cut, 1e6)).toBe(300);
  });

  it('cut past its end it goes on flat', () => {
    const cut = upTo(curve, 400);
    expect(cut.time[cut.time.length - 1]).toBe(400);
    expect(cut.temperature[cut.time.length - 1]).toBe(200);
  });
});
