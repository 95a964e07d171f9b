// What the palette finds for what is typed.
import { matching } from './commands';

const all = [
  { group: 'Go to', says: 'Rack' },
  { group: 'Piece', says: 'Undo' },
  { group: 'Piece', says: 'Revisions' },
  { group: 'Part', says: 'Bubble, blown' },
];

it.each<[string, readonly string[]]>([
  ['', ['Rack', 'Undo', 'Revisions', 'Bubble, blown']],
  ['u', ['Undo', 'Bubble, blown']],
  ['piece', ['Undo', 'Revisions']],
  ['PART blown', ['Bubble, blown']],
  ['rev', ['Revisions']],
  ['nothing', []],
])('“%s”', (typed, says) => {
  expect(matching(all, typed).map((c) => c.says)).toEqual(says);
});
