// What holds together: every meeting of glasses in a laid piece, by both schools.
import { trNodes } from '../../../words/trNodes';
import type { Laid } from '@zanfirico/contract/kiln';
import { NUMBER_TOLERANCE } from '@zanfirico/core/fit';
import { meetings, type FiredPiece } from '@zanfirico/core/kiln';
import { printText } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import { useMemo } from 'react';
import { sentenceOf } from '../../../api/client';
import { VerdictWord } from '../../../marks/Verdict';
import { useDisplay } from '../../../stores/display';
import { useRack } from '../../../stores/theRack';
import { usePiece } from '../usePiece';
import { ofLaid } from './laidLook';
import { TroubleLine } from '../../../marks/TroubleLine';

/** Every meeting of glasses, the worst first. */
export function HoldsFields({
  fired,
  laid,
}: {
  readonly fired: FiredPiece | undefined;
  readonly laid: readonly Laid[];
}) {
  const { document } = usePiece();
  const units = useDisplay((s) => s.units);
  const rack = useRack((s) => s.rack);
  const tolerance = document.fit?.tolerance ?? NUMBER_TOLERANCE;
  const found = useMemo(() => {
    if (!fired) return [];
    try {
      return meetings(laid, fired.above, (id) => ofLaid(rack, document.glass, id), {
        tolerance,
        tested: (a, b) => rack.tested(a, b)?.value,
      });
    } catch (error) {
      return sentenceOf(error);
    }
  }, [fired, laid, rack, document.glass, tolerance]);
  if (typeof found === 'string') return <TroubleLine className="mt-3">{found}</TroubleLine>;
  return (
    <section className="mt-4">
      <h3 className="text-lg">{tr`What holds together`}</h3>
      {found.length === 0 && <p className="quiet text-sm">{tr`All of it is one glass.`}</p>}
      <ul className="mt-1 flex flex-col gap-2">
        {found.slice(0, 12).map((m, i) => (
          <li key={i} className="leading-snug">
            <VerdictWord
              verdict={
                m.softens && m.fit.verdict.verdict === 'good' ? 'watch' : m.fit.verdict.verdict
              }
            />{' '}
            {m.names
              .map((n, k) => `${n} ${printText(m.thick[k] ?? 0, 'length', units)}`)
              .join(m.how === 'stacked' ? tr` under ` : tr` beside `)}
            <span className="quiet text-sm">
              {' '}
              {trNodes`· by stress ${(
                <span className="num">{printText(m.fit.tension, 'stress', units)}</span>
              )} ${trWord(m.fit.byStress.verdict)}, by number ${trWord(m.fit.byNumber.verdict)}`}
              {m.softens !== undefined && ` · ${m.softens}`}
              {m.reacts !== undefined && ` · ${m.reacts}`}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
