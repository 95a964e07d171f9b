// The published schemas, as other people's validators take them: their own draft, and 2020-12.
import { ClipSchema, PieceSchema } from '@zanfirico/contract/piece';
import { RackEntrySchema } from '@zanfirico/contract/rack';
import { ShopSchema } from '@zanfirico/contract/shop';
import { Ajv } from 'ajv';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { demoPieces } from '../demo/demoPieces';

const OPTIONS = { strict: true, strictTypes: false } as const;

describe.each([
  ['piece', PieceSchema],
  ['shop', ShopSchema],
  ['rack entry', RackEntrySchema],
  ['clip', ClipSchema],
])('%s', (_, schema) => {
  it('says its draft and is right by it', () => {
    expect(schema.$schema).toBe('http://json-schema.org/draft-07/schema#');
    expect(new Ajv(OPTIONS).validateSchema(schema)).toBe(true);
  });
  it('is read by a validator of 2020-12 as well, and refuses the same', () => {
    const bare = JSON.parse(JSON.stringify(schema)) as Record<string, unknown>;
    delete bare['$schema'];
    const validate = new Ajv2020(OPTIONS).compile(bare);
    expect(validate({})).toBe(false);
  });
});

it('every demo piece passes by 2020-12, and none with a field nobody knows', () => {
  const bare = JSON.parse(JSON.stringify(PieceSchema)) as Record<string, unknown>;
  delete bare['$schema'];
  const validate = new Ajv2020(OPTIONS).compile(bare);
  for (const piece of demoPieces().flat()) {
    expect([piece.name, validate(JSON.parse(JSON.stringify(piece)))]).toEqual([piece.name, true]);
    expect(validate({ ...piece, more: 1 })).toBe(false);
  }
});
