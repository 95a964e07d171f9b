// The card: one page in black on white to take to the bench.
import { inWords, printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { Printer } from 'lucide-react';
import { stockWords } from '../../../fields/StockField';
import { useDisplay } from '../../../stores/display';
import { clockWords } from '../../../clock/clockWords';
import { ScheduleTable } from '../../../night/ScheduleTable';
import { useBraid } from '../braid/useBraid';
import { usePiece } from '../usePiece';
import { CardParts } from './CardParts';
import { CardSection } from './CardSection';
import { CardFirings } from './CardFirings';
import { CardSteps } from './CardSteps';

export function CardSheet() {
  const units = useDisplay((s) => s.units);
  const { document, glass, derived, last, night } = usePiece();
  const order = useBraid();
  if (!derived.ok)
    return (
      <p className="px-6 py-16">
        {tr`Mend the drawing first: ${inWords(derived.problems[0]?.message ?? '', units)}`}
      </p>
    );
  if (!last || !night) return <p className="px-6 py-16">{tr`The card comes with the form.`}</p>;
  const { readings: r, gathers, stock, schedule, whole, parts } = last;
  const checked = night.state === 'checked';
  const braid = order.state === 'there' ? order.braid : undefined;
  const placing = order.state === 'placing' || braid?.placing === true;
  const many = parts.length > 1;
  const door = clockWords(document.firing.lastIn, schedule.total.value);
  const facts: (readonly [string, string])[] = [
    [tr`Glass`, printText(r.mass.value, 'mass', units)],
    ...(gathers
      ? ([
          [
            many ? tr`To gather, all` : tr`To gather`,
            printText(
              parts.reduce((sum, p) => sum + (p.gathers?.toGather.value ?? 0), 0),
              'mass',
              units,
            ),
          ],
          [tr`Pot`, printText(document.making.potTemperature, 'temperature', units)],
          ...(many
            ? []
            : ([[tr`Iron`, printText(document.making.ironDiameter, 'length', units)]] as const)),
        ] as const)
      : []),
    ...(stock && !many
      ? ([
          [
            stock.stock.wall === undefined ? tr`Rod to cut` : tr`Tubing to cut`,
            printText(stock.length.value, 'length', units),
          ],
          ['of', stockWords(stock.stock, units)],
        ] as const)
      : []),
    [tr`Height`, printText(whole.height, 'length', units)],
    [tr`Widest`, printText(2 * whole.widest, 'length', units)],
    [
      tr`Wall`,
      tr`${printText(r.thinnest.value, 'length', units)} to ${printText(r.thickest.value, 'length', units)}`,
    ],
    ...(r.capacity.value > 0
      ? ([[tr`Holds`, printText(r.capacity.value, 'volume', units)]] as const)
      : []),
  ];
  return (
    <div className="px-4 py-5 print:p-0">
      <div className="no-print mx-auto mb-3 flex max-w-[794px] justify-between">
        <p className="quiet" role="status">
          {placing
            ? tr`The heats are being placed; it can be printed in a moment.`
            : checked
              ? tr`A4, black on white: one page for simple pieces.`
              : tr`The night is still being checked; it can be printed in a moment.`}
        </p>
        <button
          type="button"
          className="btn btn-primary btn-sm"
          disabled={night.state === 'guess' || placing}
          onClick={() => {
            window.print();
          }}
        >
          <Printer className="size-4" /> {tr`Print`}
        </button>
      </div>
      <article
        className="card-page mx-auto min-h-[1040px] max-w-[794px] bg-white px-10 py-8 text-black max-sm:px-4 shadow-xl print:min-h-0 print:max-w-none print:p-0 print:shadow-none"
        aria-label={tr`Bench card`}
      >
        <header className="flex items-baseline justify-between border-b-2 border-black pb-1">
          <h2 className="text-4xl">{document.name}</h2>
          <p>{glass.name}</p>
        </header>
        <div className="mt-3 flex gap-6 max-sm:flex-wrap print:flex-nowrap">
          <CardSection document={document} derived={derived} />
          <div className="flex-1">
            <dl className="grid grid-cols-[auto_1fr] gap-x-4">
              {facts.map(([name, value]) => (
                <div key={name} className="contents">
                  <dt>{name}</dt>
                  <dd className="num text-right font-semibold">{value}</dd>
                </div>
              ))}
            </dl>
            {(many || derived.bits.length > 0) && <CardParts derived={derived} bitsOnly={!many} />}
            {gathers && !many && (
              <ol className="num mt-2 border-t border-black pt-1">
                {gathers.gathers.map((g, i) => (
                  <li key={i} className="flex justify-between">
                    <span>{tr`gather ${i + 1}`}</span>
                    <span>+{printText(g.brings, 'mass', units)}</span>
                    <span>
                      ⌀ {printText(g.diameter, 'length', units)}
                      {g.block !== undefined && tr`, block ${printText(g.block, 'length', units)}`}
                    </span>
                  </li>
                ))}
              </ol>
            )}
            {document.notes !== '' && (
              <p className="mt-2 border-t border-black pt-1 leading-tight italic">
                {document.notes.slice(0, 300)}
              </p>
            )}
          </div>
        </div>
        {braid && <CardSteps braid={braid} derived={derived} />}
        {document.kiln ? (
          <CardFirings />
        ) : (
          <section className="mt-3 break-inside-avoid [&_.quiet]:text-black/75">
            <h3 className="border-b border-black text-xl">
              {tr`Night: door may open ${door.time} ${door.day}`}
              {!checked && tr` (first guess, not checked: do not fire by it)`}
            </h3>
            <ScheduleTable
              schedule={schedule}
              lastIn={document.firing.lastIn}
              doorAt={document.firing.doorTemperature}
            />
          </section>
        )}
        <footer className="mt-2 text-[0.9rem] leading-tight">{tr`Planned figures, no promise: the supplier’s sheet, your local codes and licensed trades come first.`}</footer>
      </article>
    </div>
  );
}
