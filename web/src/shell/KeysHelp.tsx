// Every key that does something, by where it does it.
import { tr } from '@zanfirico/core/words';
import { Dialog } from './Dialog';

const KEYS: readonly (readonly [string, readonly (readonly [string, string])[]])[] = [
  [
    tr`Anywhere`,
    [
      ['Ctrl K', tr`what to do, or a piece to open, by its name`],
      ['?', tr`these keys`],
      [tr`Esc`, tr`close what is open over the work`],
      [tr`Tab`, tr`to the next thing that takes keys`],
    ],
  ],
  [
    tr`In a piece`,
    [
      [tr`Ctrl S`, 'save'],
      [tr`Ctrl Z`, tr`undo; in a field, what is typed there first`],
      [tr`Ctrl Shift Z`, tr`redo (Ctrl Y too)`],
    ],
  ],
  [
    tr`On the drawing`,
    [
      [tr`Arrows`, tr`the point, bit or fill line in hand by 0.1 mm`],
      [tr`Shift arrows`, tr`by 1 mm`],
      [tr`Delete`, tr`take the point in hand away; on a measure, the measure`],
      [tr`Double click`, tr`a new point on the line`],
      [tr`Ctrl click, Space`, tr`choose points to go together`],
      [tr`Shift click`, tr`all from the one in hand to it`],
      [tr`Ctrl C, X, V`, tr`copy, cut, put in: in this piece or another`],
      [tr`[ ] and Home`, tr`look closer, further; all of it`],
      [tr`Alt arrows`, tr`move the sheet under the drawing`],
    ],
  ],
  [
    tr`On the braid`,
    [
      [tr`Arrows`, tr`walk the steps; with Shift, choose them`],
      [tr`Alt arrows`, tr`move what is in hand earlier or later`],
      [tr`+ and −`, tr`a second more, a second less`],
      [tr`Delete`, tr`take it out`],
      [tr`Ctrl C, X, V`, tr`copy, cut, put in: in this piece or another`],
    ],
  ],
  [
    tr`In a field`,
    [
      [tr`Enter`, tr`take what is typed`],
      [tr`Esc`, tr`leave it as it was`],
      [tr`Up, Down`, tr`a little more, a little less`],
    ],
  ],
  [
    tr`Lists and pictures`,
    [
      [tr`Left, Right`, tr`through tabs; the turning glass; the clock of a night`],
      [tr`Up, Down`, tr`tilt the glass; through the rack`],
    ],
  ],
];

export function KeysHelp({ onClose }: { readonly onClose: () => void }) {
  return (
    <Dialog title={tr`Keys`} onClose={onClose} leave={tr`Close`} wide>
      <p className="quiet mt-1">{tr`On a Mac, Cmd where it says Ctrl. A comma is read as a point.`}</p>
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
