// The answers that follow every change, in big numbers: each can be asked why.
import { printQuantity } from '@zanfirico/core';
import { useDisplay } from '../../stores/display';
import { useWhy } from '../../stores/why';
import { clockWords } from './clock';
import { namedFigures, type NamedFigure } from './figures';
import type { OnBoard } from './usePiece';

const SHOWN = [
  'mass',
  'toGather',
  'count',
  'length',
  'capacity',
  'thickest',
  'thinnest',
  'centreOfMass',
  'tipping',
  'total',
];

export function AnswerBand({ board }: { readonly board: OnBoard }) {
  const { last, derived } = board;
  if (!last)
    return <div className="no-print h-20 px-5 py-4 text-lg">The answers come with the form.</div>;
  const all = namedFigures(last);
  const shown = SHOWN.flatMap((id) => all.find((f) => f.id === id) ?? []);
  const door = clockWords(board.document.firing.lastIn, last.schedule.total.value);
  return (
    <section
      className={`no-print bg-base-100 border-base-300 mt-1 flex flex-wrap border-y ${derived.ok ? '' : 'opacity-50'}`}
      aria-label="Answers"
      aria-busy={!derived.ok}
    >
      {shown.map((f) => (
        <Answer key={f.id} named={f} />
      ))}
      <div className="flex min-w-28 flex-1 flex-col px-4 py-2">
        <span className="quiet text-sm whitespace-nowrap">Door, {door.day}</span>
        <span className="num text-xl leading-7 font-semibold">{door.time}</span>
      </div>
    </section>
  );
}

function Answer({ named }: { readonly named: NamedFigure }) {
  const units = useDisplay((s) => s.units);
  const asked = useWhy((s) => s.asked === named.id);
  const ask = useWhy((s) => s.ask);
  const { number, unit } = printQuantity(named.figure.value, named.figure.kind, units);
  const none = named.id === 'capacity' && named.figure.value === 0;
  return (
    <button
      type="button"
      className={`hover:bg-base-300/40 flex min-w-24 flex-1 flex-col border-b-2 px-4 py-2 text-left ${asked ? 'border-primary bg-base-300/40' : 'border-transparent'}`}
      aria-expanded={asked}
      onClick={() => {
        ask(named.id);
      }}
    >
      <span className="quiet text-sm whitespace-nowrap">{named.label}</span>
      <span className="num text-xl leading-7 font-semibold whitespace-nowrap">
        {none ? '–' : number}
        {unit !== '' && !none && (
          <span className={`quiet font-sans text-sm font-normal ${unit === '°' ? '' : 'ml-1'}`}>
            {unit}
          </span>
        )}
      </span>
    </button>
  );
}
