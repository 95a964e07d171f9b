// The contract: the schema says what the core's own lists say.
import { FORMS, LEAST_WALL, MOST_LENGTH, MOST_POINTS, MOST_WALL } from '@zanfirico/core/form';
import { PRACTICES } from '@zanfirico/core/night';
import { QUANTITIES, SHIPPED_RACK } from '@zanfirico/core/rack';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { PieceSchema } from './piece/piece';
import { QUANTITY_LIMITS } from './limits';
import { RackEntrySchema } from './rack/rackEntry';
import { ShopSchema } from './shop/shop';

const choices = (schema: { anyOf: { const?: unknown }[] }): unknown[] =>
  schema.anyOf.map((s) => s.const);

describe('the piece schema', () => {
  it('knows the same forms and practices as the core', () => {
    expect(choices(PieceSchema.properties.form)).toEqual([...FORMS]);
    expect(choices(PieceSchema.properties.firing.properties.practice)).toEqual(
      Object.keys(PRACTICES),
    );
  });

  it('bounds a point as the core does', () => {
    const { profile } = PieceSchema.properties.parts.items.properties;
    expect(profile.maxItems).toBe(MOST_POINTS);
    expect(profile.items.properties.wall).toMatchObject({
      minimum: LEAST_WALL,
      maximum: MOST_WALL,
    });
    expect(profile.items.properties.radius).toMatchObject({ minimum: 0, maximum: MOST_LENGTH });
  });

  it.each([
    ['piece-2.json', PieceSchema],
    ['rack-entry-1.json', RackEntrySchema],
    ['shop-1.json', ShopSchema],
  ])('%s is published in docs/schemas as it is (else: npm run schemas)', (file, schema) => {
    const path = join(__dirname, '../../docs/schemas', file);
    expect(JSON.parse(readFileSync(path, 'utf8'))).toEqual(JSON.parse(JSON.stringify(schema)));
  });

  it('bounds every quantity the core knows, and holds every shipped one', () => {
    expect(Object.keys(QUANTITY_LIMITS)).toEqual([...QUANTITIES]);
    for (const { entry, spoken } of SHIPPED_RACK.lines)
      for (const q of QUANTITIES) {
        const { minimum, maximum } = QUANTITY_LIMITS[q];
        const { value } = spoken[q];
        expect([entry.id, q, value >= minimum && value <= maximum]).toEqual([entry.id, q, true]);
      }
  });

  it('is closed: no field slips in anywhere', () => {
    const open: string[] = [];
    const walk = (node: unknown, path: string): void => {
      if (typeof node !== 'object' || node === null) return;
      const schema = node as { type?: string; additionalProperties?: unknown };
      if (schema.type === 'object' && schema.additionalProperties !== false) open.push(path);
      for (const [key, value] of Object.entries(node)) walk(value, `${path}/${key}`);
    };
    walk(PieceSchema, '');
    walk(ShopSchema, '');
    walk(RackEntrySchema, '');
    expect(open).toEqual([]);
  });

  it('has no dollar-id that could be fetched: the host is reserved to lead nowhere (RFC 2606)', () => {
    expect(PieceSchema.$id).toMatch(/^https:\/\/zanfirico\.invalid\//);
  });
});
