// On the card of a piece made in the kiln: every firing as it is programmed.
import { trNodes } from '../../../words/trNodes';
import { printDuration } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import { dayWords } from '../../../clock/dayWords';
import { ProgrammeLines } from '../kiln/ProgrammeLines';
import { beginsOf } from '../kiln/useFirings';
import { usePiece } from '../usePiece';

export function CardFirings() {
  const { document, firings: done } = usePiece();
  const firings = document.kiln?.firings ?? [];
  return (
    <section className="mt-3 [&_.quiet]:text-black/75">
      {done.programmed.map((p, i) => {
        const f = firings[i];
        if (!f) return null;
        const begins = beginsOf(f);
        return (
          <div key={i} className="mb-2 break-inside-avoid">
            <h3 className="border-b border-black text-xl">
              {tr`Firing ${i + 1}, ${trWord(f.aim)}`}
              {trNodes`${begins && tr`: begun ${dayWords(begins.getTime())}`}, door may open ${printDuration(p.seconds)} later`}
              {p.night.state !== 'checked' && tr` (first guess, not checked: do not fire by it)`}
            </h3>
            <ProgrammeLines lines={p.lines} />
          </div>
        );
      })}
    </section>
  );
}
