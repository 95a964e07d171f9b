// Limits: each a range, and the schemas hold the very same.
import { LIMITS, ANNEALER_LIMITS, QUANTITY_LIMITS } from './limits';
import { PieceSchema } from './piece/piece';
import { ShopSchema } from './shop/shop';

describe('limits', () => {
  it.each(Object.entries({ ...LIMITS, ...ANNEALER_LIMITS, ...QUANTITY_LIMITS }))(
    '%s runs from less to more',
    (_, { minimum, maximum }) => {
      expect(Number.isFinite(minimum) && Number.isFinite(maximum)).toBe(true);
      expect(minimum).toBeLessThan(maximum);
    },
  );

  it('what is in the schemas is what a field is told', () => {
    const { making, firing, parts } = PieceSchema.properties;
    expect(making.properties.potTemperature).toMatchObject(LIMITS.potTemperature);
    expect(making.properties.ironDiameter).toMatchObject(LIMITS.iron);
    expect(making.properties.tube.properties.wall).toMatchObject(LIMITS.tubeWall);
    expect(firing.properties.doorTemperature).toMatchObject(LIMITS.doorTemperature);
    expect(firing.properties.boxCoolingTime).toMatchObject(LIMITS.boxCoolingTime);
    expect(parts.items.properties.profile.items.properties.wall).toMatchObject(LIMITS.wall);
    const { irons, blocks, gloryHoles, stock } = ShopSchema.properties;
    expect(irons.items.properties.diameter).toMatchObject(LIMITS.iron);
    expect(blocks.items).toMatchObject(LIMITS.blockInside);
    expect(gloryHoles.items.properties.mouth).toMatchObject(LIMITS.gloryMouth);
    expect(stock.items.properties.length).toMatchObject(LIMITS.stickLength);
  });

  it('nothing in the piece schema is a number without both ends', () => {
    const endless: string[] = [];
    const walk = (node: unknown, path: string): void => {
      if (typeof node !== 'object' || node === null) return;
      const { type, minimum, maximum, const: fixed } = node as Record<string, unknown>;
      if (
        (type === 'number' || type === 'integer') &&
        fixed === undefined &&
        (minimum === undefined || maximum === undefined)
      )
        endless.push(path);
      for (const [key, value] of Object.entries(node)) walk(value, `${path}/${key}`);
    };
    walk(PieceSchema, '');
    expect(endless).toEqual([]);
  });
});
