// Which of the shelf's pieces stand in tonight's box.
import { printText } from '@zanfirico/core';
import { useDisplay } from '../../stores/display';
import { useTonight } from '../../stores/tonight';
import { FindOnShelf } from './FindOnShelf';
import type { ShelfForBox } from './useShelf';

export function InTheBox({ shelf }: { readonly shelf: ShelfForBox }) {
  const units = useDisplay((s) => s.units);
  const { inBox, set } = useTonight();
  return (
    <fieldset className="mt-2">
      <legend className="quiet text-sm">In the box</legend>
      <FindOnShelf shelf={shelf} />
      <ul className="max-h-64 overflow-y-auto">
        {shelf.pieces.map((p) => (
          <li key={p.id}>
            <label className="flex items-center gap-2 py-0.5">
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                disabled={!p.piece}
                checked={inBox.includes(p.id)}
                onChange={(e) => {
                  set({
                    inBox: e.target.checked ? [...inBox, p.id] : inBox.filter((id) => id !== p.id),
                  });
                }}
              />
              <span className="flex-1">{p.name}</span>
              {p.piece && (
                <span className="num quiet text-sm">
                  {printText(p.piece.wall.thickest, 'length', units)}
                </span>
              )}
            </label>
          </li>
        ))}
      </ul>
    </fieldset>
  );
}
