// Who has a piece open: told of each other while they say so, forgotten soon after, never told of themselves or of other pieces.
import type { Me } from '@zanfirico/contract/door';
import { presence } from './presence';

const who = (name: string): Me => ({
  name,
  may: 'lead',
  here: false,
  device: 'a tablet',
  session: name,
});

it('tells each of the others in the same piece for as long as they are there', () => {
  let now = 0;
  const here = presence(() => now);
  expect(here.here('piece', 'tab1', who('Gaffer'))).toEqual([]);
  expect(here.here('piece', 'tab2', who('Bench two'))).toEqual([
    { name: 'Gaffer', device: 'a tablet' },
  ]);
  expect(here.here('other', 'tab3', who('Wall'))).toEqual([]);
  now = 10_000;
  expect(here.here('piece', 'tab1', who('Gaffer')).map((o) => o.name)).toEqual(['Bench two']);
  now = 20_000;
  expect(here.here('piece', 'tab1', who('Gaffer'))).toEqual([]);
  // Who went on to another piece is there, not here.
  here.here('other', 'tab1', who('Gaffer'));
  expect(here.here('piece', 'tab2', who('Bench two'))).toEqual([]);
});

it('remembers so many tabs and no more, whoever makes them up', () => {
  const here = presence(() => 0);
  for (let i = 0; i < 5000; i += 1) here.here('piece', `tab${String(i)}`, who('x'));
  expect(here.here('piece', 'one more', who('y')).length).toBeLessThanOrEqual(2000);
});
