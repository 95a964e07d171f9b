// The answers that follow every change, in big numbers: each can be asked why.
import { printDuration, printQuantity, printText, type DisplayUnits } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useEffect, useRef, useState } from 'react';
import { useDisplay } from '../../stores/display';
import { useWhy } from '../../stores/asked';
import { clockWords } from '../../clock/clockWords';
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
  const units = useDisplay((s) => s.units);
  if (!last)
    return (
      <div className="no-print h-20 px-5 py-4 text-lg">{tr`The answers come with the form.`}</div>
    );
  const all = namedFigures(last);
  // Made in the kiln it is there from cold to the door; of that, annealing is the end.
  const { kiln, firing } = board.document;
  const fired = board.firings.programmed.at(-1)?.seconds;
  const figures = kiln ? SHOWN.filter((id) => id !== 'total') : SHOWN;
  const shown = figures.flatMap((id) => all.find((f) => f.id === id) ?? []);
  const door = clockWords(firing.lastIn, last.schedule.total.value);
  return (
    <section
      className={`answers bg-base-100 border-base-300 mt-1 flex flex-nowrap overflow-x-auto border-y sm:flex-wrap ${derived.ok ? '' : 'italic'}`}
      aria-label={tr`Answers`}
      aria-busy={!derived.ok}
    >
      {shown.map((f) => (
        <Answer
          key={f.id}
          named={f}
          more={f.id === 'count' ? gatherWeights(last, units) : undefined}
        />
      ))}
      {kiln && fired !== undefined && (
        <Answer
          named={{
            id: 'total',
            label: kiln.firings.length > 1 ? tr`Last firing` : tr`Its firing`,
            figure: last.schedule.total,
          }}
          shows={printDuration(fired)}
        />
      )}
      <Announced
        says={[
          ...shown
            .slice(0, 4)
            .map((f) => `${f.label} ${printText(f.figure.value, f.figure.kind, units)}`),
          `${board.night?.state === 'checked' ? tr`Door` : tr`Door about`} ${door.time} ${door.day}`,
        ].join(', ')}
      />
      <Answer
        named={{
          id: 'total',
          // No longer than the other: nothing moves when the checked night comes.
          label: board.night?.state === 'checked' ? tr`Door, ${door.day}` : tr`Door, about`,
          figure: last.schedule.total,
        }}
        shows={door.time}
      />
    </section>
  );
}

/** How long the answers have to stand before they are read out, ms. */
const STANDS = 1500;

/** The answers read out once they stand, not at every move of a hand; what is there at first is not read. */
function Announced({ says }: { readonly says: string }) {
  const [said, setSaid] = useState('');
  const first = useRef(says);
  useEffect(() => {
    if (first.current === says) return undefined;
    const timer = setTimeout(() => {
      setSaid(says);
    }, STANDS);
    return () => {
      clearTimeout(timer);
    };
  }, [says]);
  return (
    <span className="sr-only" role="status" aria-label={tr`Answers now`}>
      {said}
    </span>
  );
}

/** What each gather should bring, "198 + 346 + 532 g". */
function gatherWeights(derived: NonNullable<OnBoard['last']>, units: DisplayUnits): string {
  const printed = (derived.gathers?.gathers ?? []).map((g) =>
    printQuantity(g.brings, 'mass', units),
  );
  const unit = printed[printed.length - 1]?.unit ?? '';
  return printed.length > 4
    ? ''
    : `${printed.map((p) => (p.unit === unit ? p.number : `${p.number} ${p.unit}`)).join('+')} ${unit}`;
}

interface AnswerProps {
  readonly named: NamedFigure;
  /** A line of small print beside the number. */
  readonly more?: string | undefined;
  /** Said instead of the number. */
  readonly shows?: string;
}

function Answer({ named, more, shows }: AnswerProps) {
  const units = useDisplay((s) => s.units);
  const asked = useWhy((s) => s.asked === named.id);
  const ask = useWhy((s) => s.ask);
  const { number, unit } = printQuantity(named.figure.value, named.figure.kind, units);
  const none = named.id === 'capacity' && named.figure.value === 0;
  const said = shows ?? (none ? '–' : number);
  const small = more ?? (shows !== undefined || none ? '' : unit);
  return (
    <button
      type="button"
      className={`hover:bg-base-300/40 flex flex-auto flex-col border-b-2 px-3.5 py-2 text-left ${asked ? 'border-primary bg-base-300/40' : 'border-transparent'}`}
      aria-expanded={asked}
      onClick={() => {
        ask(named.id);
      }}
    >
      <span className="quiet text-sm whitespace-nowrap">{named.label}</span>
      <span className="num text-xl leading-7 font-semibold whitespace-nowrap">
        {said}
        {small !== '' && (
          <span
            className={`quiet text-sm font-normal ${unit === '°' ? '' : 'ml-1'} ${more === undefined ? 'font-sans' : ''}`}
          >
            {small}
          </span>
        )}
      </span>
    </button>
  );
}
