// One piece on the shelf: its small section, its name, its few telling facts.
import type { SavedPiece } from '@zanfirico/contract';
import { printText, type Derived, type Glass } from '@zanfirico/core';
import { Archive, ArchiveRestore } from 'lucide-react';
import { Link } from 'react-router';
import { PieceGlyph } from '../../marks/section/PieceGlyph';
import { useDisplay } from '../../stores/display';
import { BoxHours } from '../../annealing/BoxHours';

interface Props {
  readonly piece: SavedPiece;
  readonly glass?: Glass | undefined;
  readonly derived?: Derived | undefined;
  readonly scale: number;
  readonly height: number;
  readonly away: boolean;
  readonly onMove: () => void;
}

export function ShelfPiece({ piece, glass, derived, scale, height, away, onMove }: Props) {
  const units = useDisplay((s) => s.units);
  const { name } = piece.document;
  const width = derived?.ok === true ? 2 * derived.whole.widest * scale : 80;
  return (
    <li className="group flex flex-col" style={{ flexBasis: Math.max(200, width + 70) }}>
      <Link to={`/pieces/${piece.id}/section`} className="flex flex-1 flex-col" aria-label={name}>
        <div className="flex items-end justify-center px-6" style={{ height: height + 8 }}>
          {derived?.ok === true && (
            <PieceGlyph
              shapes={derived.parts.map((p) => p.shape)}
              bits={piece.document.bits}
              extent={derived.whole}
              scale={scale}
              title={`Section of ${name}`}
            />
          )}
        </div>
        <div className="plank" aria-hidden="true" />
        <div className="px-4 pt-3">
          <h2 className="group-hover:text-primary text-2xl">{name}</h2>
          <p className="quiet leading-tight">{glass?.name ?? 'A glass this rack does not have'}</p>
          {derived?.ok === true ? (
            <ul className="num mt-1 text-[0.95rem] leading-snug">
              <li>{printText(derived.readings.mass.value, 'mass', units)} glass</li>
              <li>
                {derived.gathers
                  ? `${String(derived.gathers.gathers.length)} ${derived.gathers.gathers.length === 1 ? 'gather' : 'gathers'}`
                  : derived.stock
                    ? `${printText(derived.stock.length.value, 'length', units)} tubing`
                    : 'torch'}
              </li>
              <li>
                <BoxHours input={derived.night} />
              </li>
            </ul>
          ) : (
            <p className="text-error">The drawing needs mending.</p>
          )}
        </div>
      </Link>
      <button
        type="button"
        className="btn btn-ghost btn-xs quiet mt-2 ml-2 self-start"
        aria-label={away ? `Take out ${name}` : `Put away ${name}`}
        onClick={onMove}
      >
        {away ? <ArchiveRestore className="size-3.5" /> : <Archive className="size-3.5" />}
        {away ? 'Take out' : 'Put away'}
      </button>
    </li>
  );
}
