// The pieces that are meant, so many of each; others are found on the shelf and put to them.
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { Plus, X } from 'lucide-react';
import type { ReactNode } from 'react';
import { CountField } from '../../fields/CountField';
import { IconButton } from '../../shell/IconButton';
import { useDisplay } from '../../stores/display';
import { FindOnShelf } from './FindOnShelf';
import type { ForBox, ShelfForBox } from './useShelf';

interface Props {
  readonly legend: string;
  readonly shelf: ShelfForBox;
  readonly countOf: (id: string) => number;
  /** None takes it out. */
  readonly onCount: (id: string, count: number) => void;
  /** What is shown under a piece that is meant. */
  readonly more?: (piece: ForBox) => ReactNode;
}

/** Most of one piece in a week. */
const MOST = 99;
/** So many are offered before a name is typed. */
const OFFERED = 6;

export function MeantPieces({ legend, shelf, countOf, onCount, more }: Props) {
  const units = useDisplay((s) => s.units);
  const thickness = (p: ForBox): string =>
    p.piece ? printText(p.piece.wall.thickest, 'length', units) : tr`not drawn`;
  const offered = shelf.find === '' ? shelf.found.slice(0, OFFERED) : shelf.found;
  const unseen = shelf.more + shelf.found.length - offered.length;
  return (
    <fieldset className="mt-2">
      <legend className="quiet text-sm">{legend}</legend>
      <ul aria-label={legend}>
        {shelf.meant.map((p) => (
          <li key={p.id} className="border-base-300 border-b py-1">
            <div className="flex items-end gap-3">
              <div className="w-16 shrink-0">
                <CountField
                  label={tr`${p.name}, so many`}
                  bare
                  value={countOf(p.id)}
                  min={1}
                  max={MOST}
                  onCommit={(n) => {
                    onCount(p.id, n);
                  }}
                />
              </div>
              <span className="flex-1 pb-1 leading-tight">{p.name}</span>
              <span className="num quiet pb-1 text-sm">{thickness(p)}</span>
              <IconButton
                small
                label={tr`Take ${p.name} out`}
                onClick={() => {
                  onCount(p.id, 0);
                }}
              >
                <X className="size-4" />
              </IconButton>
            </div>
            {more?.(p)}
          </li>
        ))}
      </ul>
      <div className="mt-3">
        <FindOnShelf shelf={shelf} unseen={unseen} />
      </div>
      <ul aria-label={tr`On the shelf`} className="max-h-64 overflow-y-auto">
        {offered.map((p) => (
          <li key={p.id}>
            <button
              type="button"
              className="hover:bg-base-300 flex w-full items-center gap-2 py-1 text-left disabled:opacity-100"
              disabled={!p.piece}
              onClick={() => {
                onCount(p.id, 1);
                shelf.setFind('');
              }}
            >
              <Plus className="quiet size-4 shrink-0" aria-hidden="true" />
              <span className="flex-1">{p.name}</span>
              <span className="num quiet text-sm">{thickness(p)}</span>
            </button>
          </li>
        ))}
      </ul>
    </fieldset>
  );
}
