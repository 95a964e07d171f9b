// Schemas are compiled when they are first asked: in any order, each by itself and within others.
import '../app';
import { ShopSchema } from '@zanfirico/contract/shop';
import { SaveShopBody } from '@zanfirico/contract';
import { checker, compileAhead } from './schema';

it('a schema within another, whichever is asked first', () => {
  for (const order of [
    [SaveShopBody, ShopSchema],
    [ShopSchema, SaveShopBody],
  ])
    for (const schema of order) expect(checker(schema)({}).ok).toBe(false);
});

it('all that the server has, ahead of anybody asking', () => {
  expect(() => {
    compileAhead((work) => {
      work();
    });
  }).not.toThrow();
});
