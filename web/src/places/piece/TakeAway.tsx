// Taking the piece elsewhere: the document as JSON, tonight's schedule as CSV, the card to print.
import { Download } from 'lucide-react';
import { useEffect, useRef } from 'react';
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
  // A click or focus anywhere else closes it, as a menu does.
  useEffect(() => {
    const elsewhere = (event: Event): void => {
      if (menu.current?.open === true && !menu.current.contains(event.target as Node))
        menu.current.open = false;
    };
    document.addEventListener('pointerdown', elsewhere);
    document.addEventListener('focusin', elsewhere);
    return () => {
      document.removeEventListener('pointerdown', elsewhere);
      document.removeEventListener('focusin', elsewhere);
    };
  }, []);
  const name = fileName(piece.name);
  return (
    <details ref={menu} className="dropdown dropdown-end">
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
