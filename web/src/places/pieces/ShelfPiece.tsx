// One piece on the shelf: its small section, its name, its few telling facts.
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { Archive, ArchiveRestore, Copy, Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import type { OnShelf } from '../../api/queries';
import { BoxHours } from '../../night/BoxHours';
import { PieceGlyph } from '../../marks/section/PieceGlyph';
import { useDisplay } from '../../stores/display';

interface Props {
  readonly piece: OnShelf;
  readonly scale: number;
  /** Of the room above the plank, px. */
  readonly height: number;
  readonly away: boolean;
  /** It has changes in this browser that no revision holds. */
  readonly unsaved: boolean;
  readonly onMove: () => void;
  readonly onCopy: () => void;
  readonly onThrow: () => void;
}

export function ShelfPiece(props: Props) {
  const { piece, scale, height, away, unsaved, onMove, onCopy, onThrow } = props;
  const units = useDisplay((s) => s.units);
  const { name, facts, tags } = piece;
  return (
    <>
      <Link to={`/pieces/${piece.id}/section`} className="group flex flex-col" aria-label={name}>
        <div className="flex items-end justify-center px-6" style={{ height: height + 8 }}>
          {facts.ok && (
            <PieceGlyph glyph={facts.glyph} scale={scale} title={tr`Section of ${name}`} />
          )}
        </div>
        <div className="plank" aria-hidden="true" />
        <div className="px-4 pt-3">
          <h2 className="group-hover:text-primary line-clamp-2 text-2xl" title={name}>
            {name}
          </h2>
          <p className="quiet truncate leading-tight">
            {facts.glassName ?? tr`A glass this rack does not have`}
          </p>
          {tags.length > 0 && (
            <p className="text-accent truncate text-sm leading-tight" title={tags.join(', ')}>
              {tags.join(' · ')}
            </p>
          )}
          {unsaved && <p className="text-warning leading-tight">{tr`changes not saved`}</p>}
          {facts.ok ? (
            <ul className="num mt-1 text-[0.95rem] leading-snug">
              <li>{tr`${printText(facts.mass, 'mass', units)} glass`}</li>
              <li>
                {facts.gathers !== undefined
                  ? facts.gathers === 1
                    ? tr`1 gather`
                    : tr`${facts.gathers} gathers`
                  : facts.stock !== undefined
                    ? tr`${printText(facts.stock, 'length', units)} tubing`
                    : facts.kiln
                      ? kilnWords(facts.kiln)
                      : tr`torch`}
              </li>
              <li>
                <BoxHours input={facts.night} fires={facts.kiln?.fires} />
              </li>
            </ul>
          ) : (
            <p className="text-error">{tr`The drawing needs mending.`}</p>
          )}
        </div>
      </Link>
      <div className="mt-2 ml-2 flex flex-wrap self-start">
        <button
          type="button"
          className="btn btn-ghost btn-xs quiet"
          aria-label={away ? tr`Take out ${name}` : tr`Put away ${name}`}
          onClick={onMove}
        >
          {away ? <ArchiveRestore className="size-3.5" /> : <Archive className="size-3.5" />}
          {away ? tr`Take out` : tr`Put away`}
        </button>
        <button
          type="button"
          className="btn btn-ghost btn-xs btn-square quiet"
          aria-label={away ? tr`Throw ${name} away` : tr`${name} once more`}
          title={away ? tr`Throw away` : tr`Once more`}
          onClick={away ? onThrow : onCopy}
        >
          {away ? <Trash2 className="size-3.5" /> : <Copy className="size-3.5" />}
        </button>
      </div>
    </>
  );
}

/** What a piece of the kiln is made in. */
const kilnWords = ({
  layers,
  firings,
}: {
  readonly layers: number;
  readonly firings: number;
}): string => {
  const fired = `${String(firings)} ${firings === 1 ? tr`firing` : tr`firings`}`;
  return layers > 0
    ? `${String(layers)} ${layers === 1 ? tr`sheet` : tr`sheets`}, ${fired}`
    : tr`cast, ${fired}`;
};
