// Every key that does something, by where it does it.
import { Dialog } from './Dialog';

const KEYS: readonly (readonly [string, readonly (readonly [string, string])[]])[] = [
  [
    'Anywhere',
    [
      ['Ctrl K', 'what to do, or a piece to open, by its name'],
      ['?', 'these keys'],
      ['Esc', 'close what is open over the work'],
      ['Tab', 'to the next thing that takes keys'],
    ],
  ],
  [
    'In a piece',
    [
      ['Ctrl S', 'save'],
      ['Ctrl Z', 'undo; in a field, what is typed there first'],
      ['Ctrl Shift Z', 'redo (Ctrl Y too)'],
    ],
  ],
  [
    'On the drawing',
    [
      ['Arrows', 'the point, bit or fill line in hand by 0.1 mm'],
      ['Shift arrows', 'by 1 mm'],
      ['Delete', 'take the point in hand away; on a measure, the measure'],
      ['Double click', 'a new point on the line'],
      ['Ctrl click, Space', 'choose points to go together'],
      ['Shift click', 'all from the one in hand to it'],
      ['Ctrl C, X, V', 'copy, cut, put in: in this piece or another'],
      ['[ ] and Home', 'look closer, further; all of it'],
      ['Alt arrows', 'move the sheet under the drawing'],
    ],
  ],
  [
    'On the braid',
    [
      ['Arrows', 'walk the steps; with Shift, choose them'],
      ['Alt arrows', 'move what is in hand earlier or later'],
      ['+ and −', 'a second more, a second less'],
      ['Delete', 'take it out'],
      ['Ctrl C, X, V', 'copy, cut, put in: in this piece or another'],
    ],
  ],
  [
    'In a field',
    [
      ['Enter', 'take what is typed'],
      ['Esc', 'leave it as it was'],
      ['Up, Down', 'a little more, a little less'],
    ],
  ],
  [
    'Lists and pictures',
    [
      ['Left, Right', 'through tabs; the turning glass; the clock of a night'],
      ['Up, Down', 'tilt the glass; through the rack'],
    ],
  ],
];

export function KeysHelp({ onClose }: { readonly onClose: () => void }) {
  return (
    <Dialog title="Keys" onClose={onClose} leave="Close" wide>
      <p className="quiet mt-1">On a Mac, Cmd where it says Ctrl. A comma is read as a point.</p>
      <div className="mt-3 gap-8 sm:columns-2">
        {KEYS.map(([where, keys]) => (
          <section key={where} className="mb-4 break-inside-avoid">
            <h3 className="text-xl">{where}</h3>
            <dl className="mt-1 grid grid-cols-[8.5rem_1fr] gap-y-1">
              {keys.map(([key, does]) => (
                <div key={key} className="contents">
                  <dt>
                    <kbd className="num border-base-300 border px-1.5 text-sm">{key}</kbd>
                  </dt>
                  <dd>{does}</dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
      </div>
    </Dialog>
  );
}
