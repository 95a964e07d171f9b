// Taking the piece elsewhere: the document as JSON, tonight's schedule as CSV, the card to print.
import { Download } from 'lucide-react';
import { useRef } from 'react';
import { useNavigate } from 'react-router';
import { download, fileName } from '../../exports/download';
import { pieceJson } from '../../exports/pieceJson';
import { scheduleCsv } from '../../exports/scheduleCsv';
import type { OnBoard } from './usePiece';

export function TakeAway({ board }: { readonly board: OnBoard }) {
  const menu = useRef<HTMLDetailsElement>(null);
  const navigate = useNavigate();
  const { document: piece, derived } = board;
  const close = (): void => {
    if (menu.current) menu.current.open = false;
  };
  const name = fileName(piece.name);
  return (
    <details
      ref={menu}
      className="dropdown dropdown-end"
      onBlur={(e) => {
        if (!e.currentTarget.contains(e.relatedTarget)) close();
      }}
    >
      <summary className="btn btn-ghost btn-sm">
        <Download className="size-4" /> Take away
      </summary>
      <ul className="menu dropdown-content bg-base-100 border-base-300 z-30 mt-1 w-64 border p-1 text-base shadow-xl">
        <li>
          <button
            type="button"
            onClick={() => {
              download(`${name}.piece.json`, 'application/json', pieceJson(piece));
              close();
            }}
          >
            The piece, as JSON
          </button>
        </li>
        <li>
          <button
            type="button"
            disabled={!derived.ok}
            onClick={() => {
              if (derived.ok)
                download(
                  `${name}.night.csv`,
                  'text/csv',
                  scheduleCsv(derived.schedule, piece.firing.lastIn),
                );
              close();
            }}
          >
            Tonight’s schedule, as CSV
          </button>
        </li>
        <li>
          <button
            type="button"
            onClick={() => {
              close();
              void navigate('card');
            }}
          >
            The card, to print
          </button>
        </li>
      </ul>
    </details>
  );
}
