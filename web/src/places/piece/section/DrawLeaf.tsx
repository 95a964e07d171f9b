// The leaf to draw by: what needs a look, then the part or bit in hand in numbers.
import { tr } from '@zanfirico/core/words';
import { usePiece } from '../usePiece';
import type { SectionActions } from '../../../marks/section/actions';
import { useBoard } from '../../../stores/board';
import { useWords } from '../../../fields/useWords';
import { BitFields } from './BitFields';
import { PartFields } from './PartFields';
import { ReferenceFields } from './ReferenceFields';
import { SizeFields } from './SizeFields';

export function DrawLeaf({ actions }: { readonly actions: SectionActions }) {
  const { document, derived } = usePiece();
  const { part, bit } = useBoard();
  const words = useWords();
  const shownBit = bit === undefined ? undefined : document.bits?.[bit];
  const remarks = derived.ok ? derived.whole.remarks : [];
  return (
    <>
      {!derived.ok && (
        <div role="alert" className="border-error mb-3 border-l-4 pl-3">
          <strong className="text-error">{tr`This cannot be made yet.`}</strong>
          <ul className="leading-snug">
            {derived.problems.slice(0, 4).map((p) => (
              <li key={p.message}>
                {document.parts.length > 1 && p.part >= 0
                  ? `${document.parts[p.part]?.name ?? ''}: ${words(p.message)}`
                  : words(p.message)}
              </li>
            ))}
          </ul>
        </div>
      )}
      {remarks.length > 0 && (
        <ul
          role="status"
          aria-label={tr`Needs a look`}
          className="border-warning mb-3 flex flex-col gap-1 border-l-4 pl-3 leading-snug"
        >
          {remarks.slice(0, 5).map((r) => (
            <li key={r.message}>{words(r.message)}</li>
          ))}
          {remarks.length > 5 && <li className="quiet">{tr`and ${remarks.length - 5} more.`}</li>}
        </ul>
      )}
      {shownBit && bit !== undefined ? (
        <BitFields key={bit} bit={shownBit} index={bit} />
      ) : (
        <>
          <PartFields index={Math.min(part, document.parts.length - 1)} actions={actions} />
          <SizeFields index={Math.min(part, document.parts.length - 1)} />
          <ReferenceFields />
        </>
      )}
    </>
  );
}
