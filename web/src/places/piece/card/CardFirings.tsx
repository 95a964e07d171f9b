// On the card of a piece made in the kiln: every firing as it is programmed.
import { printDuration, printText } from '@zanfirico/core';
import { dayWords } from '../../../clock/dayWords';
import { HeadRow } from '../../../marks/HeadRow';
import { useDisplay } from '../../../stores/display';
import { useFirings } from '../kiln/useFirings';
import { usePiece } from '../usePiece';

export function CardFirings() {
  const units = useDisplay((s) => s.units);
  const { document } = usePiece();
  const { programmed } = useFirings(usePiece());
  const firings = document.kiln?.firings ?? [];
  return (
    <section className="mt-3 [&_.quiet]:text-black/75">
      {programmed.map((p, i) => {
        const f = firings[i];
        if (!p || !f) return null;
        const begins = f.day === undefined ? undefined : new Date(`${f.day}T${f.at ?? '18:00'}`);
        return (
          <div key={i} className="mb-2 break-inside-avoid">
            <h3 className="border-b border-black text-xl">
              Firing {i + 1}, {f.aim}
              {begins && `: begun ${dayWords(begins.getTime())}`}, door may open{' '}
              {printDuration(p.seconds)} later
              {p.night.state !== 'checked' && ' (first guess, not checked: do not fire by it)'}
            </h3>
            <table className="w-full">
              <HeadRow columns={['to', 'at', 'held']} />
              <tbody>
                {p.lines.map((l, k) => (
                  <tr key={k} className="border-b border-black/30">
                    <td className="num font-semibold">{printText(l.to, 'temperature', units)}</td>
                    <td className="num text-right">
                      {l.rate === undefined ? 'as the box can' : printText(l.rate, 'rate', units)}
                    </td>
                    <td className="num text-right">{l.hold ? printDuration(l.hold) : '–'}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        );
      })}
    </section>
  );
}
