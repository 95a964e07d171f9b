// Cost: what this piece costs and why, what so many cost, what to ask for one, and what would make it cheaper.
import { trNodes } from '../../words/trNodes';
import { LIMITS } from '@zanfirico/contract';
import {
  benchHour,
  cheaper,
  costOf,
  pricesOf,
  type CostPart,
  type Attempt,
} from '@zanfirico/core/cost';
import { wouldHelp } from '@zanfirico/core/edits';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { readCame } from '../../api/client';
import { CountField } from '../../fields/CountField';
import { shownNumber } from '../../fields/shown';
import { howOftenLost } from '../../log/howOftenLost';
import { HeadRow } from '../../marks/HeadRow';
import { deriveDocument } from '../../derived/deriveDocument';
import { useDisplay } from '../../stores/display';
import { useShop } from '../../stores/theShop';
import { usePiece } from '../piece/usePiece';
import { CostBar } from './CostBar';
import { PriceFields } from './PriceFields';
import { formTakes, useAttempt } from './useAttempt';

const NAMES: Readonly<Record<CostPart, string>> = {
  glass: tr`Glass`,
  colour: tr`Colour`,
  hours: tr`Who works`,
  furnace: tr`The furnace`,
  fire: tr`Glory hole or torch`,
  night: tr`Its night`,
  'used up': tr`Used up`,
  losses: tr`The lost ones`,
};
/** Names told of what would make it cheaper. */
const MOST = 6;

/** What would make it cheaper: each tried by itself, the most first. */
function useWays(
  attempt: Attempt | undefined,
  prices: ReturnType<typeof pricesOf>,
  share: number,
  holds: number | undefined,
) {
  const { last, document, facts } = usePiece();
  return useMemo(() => {
    if (!attempt || !last) return [];
    const forms = wouldHelp(document, last.parts).flatMap(({ says, piece }) => {
      const derived = deriveDocument(piece, facts)?.derived;
      return derived?.ok === true
        ? [{ says, attempt: formTakes(derived, last, attempt, prices.returned) }]
        : [];
    });
    return cheaper(attempt, prices, share, [
      ...(holds !== undefined && attempt.inLoad < holds
        ? [
            {
              says: tr`${Math.min(2, holds - attempt.inLoad)} more in the box`,
              attempt: { inLoad: Math.min(holds, attempt.inLoad + 2) },
            },
          ]
        : []),
      ...(share > 0 ? [{ says: tr`half as many lost`, lost: share / 2 }] : []),
      { says: tr`a tenth less time at the bench`, attempt: { seconds: 0.9 * attempt.seconds } },
      ...(attempt.helpers > 0
        ? [
            {
              says: tr`one who helps less, in the same time`,
              attempt: { helpers: attempt.helpers - 1 },
            },
          ]
        : []),
      ...forms,
    ]).slice(0, MOST);
  }, [attempt, prices, share, holds, document, facts, last]);
}

function Cheaper({
  ways,
  money,
}: {
  readonly ways: ReturnType<typeof useWays>;
  readonly money: (v: number) => string;
}) {
  return (
    <section aria-label={tr`What would make it cheaper`} className="mt-5 max-w-4xl">
      <h2 className="text-2xl">{tr`What would make it cheaper`}</h2>
      {ways.length === 0 ? (
        <p className="quiet">{tr`Nothing that was tried.`}</p>
      ) : (
        <ol>
          {ways.map((w) => (
            <li key={w.says} className="border-base-300 flex gap-4 border-b py-0.5">
              <span className="flex-1">{w.says}</span>
              <span className="num">−{money(w.saves)}</span>
            </li>
          ))}
        </ol>
      )}
      <p className="quiet mt-1 max-w-prose text-sm leading-snug">{tr`Each was tried by itself, all else as it is: a changed form by its glass and, about, its night’s heat; its time at the bench is taken as it was.`}</p>
    </section>
  );
}

export function CostSheet() {
  const units = useDisplay((s) => s.units);
  const said = useShop((s) => s.shop?.document.costs);
  const prices = useMemo(() => pricesOf(said), [said]);
  const { last, document } = usePiece();
  const [count, setCount] = useState(12);
  const [inLoad, setInLoad] = useState<number>();
  const [typed, setTyped] = useState<number>();
  const { id = '' } = useParams();
  const came = useQuery({ queryKey: ['log', 'came'], queryFn: readCame }).data;
  const lost = useMemo(() => came && howOftenLost(came, id), [came, id]);
  const share = typed ?? lost?.of ?? 0;
  const { attempt, holds, annealer, about } = useAttempt(prices, inLoad);
  const cost = attempt && costOf(attempt, prices, { count, lost: share, margin: prices.margin });
  const ways = useWays(attempt, prices, share, holds);
  if (!last) return <p className="px-6 py-16">{tr`What it costs comes with the form.`}</p>;
  const money = (v: number): string =>
    `${shownNumber(v, v < 100 ? 2 : 0)}${prices.money === '' ? '' : ` ${prices.money}`}`;
  return (
    <div className="flex h-full flex-col xl:flex-row">
      <div className="min-w-0 flex-1 px-5 py-3">
        {!cost ? (
          <p role="status" className="quiet py-10">{tr`Its order is being placed …`}</p>
        ) : (
          <>
            <p className="text-3xl leading-tight" role="status">
              {trNodes`A good one costs ${(<b className="num text-primary">{money(cost.each)}</b>)}; ask ${(<b className="num">{money(cost.ask)}</b>)}`}
            </p>
            <p className="mt-1 text-lg leading-snug">
              {trNodes`${(<span className="num">{String(count)}</span>)} good ones cost ${(<b className="num">{money(cost.all)}</b>)} and take ${(<b className="num">{String(cost.attempts)}</b>)}`}{' '}
              {cost.attempts === 1 ? tr`attempt` : tr`attempts`}
              {about && (
                <span className="quiet">{tr` (about: its order or night is being worked out)`}</span>
              )}
              .
              {said === undefined && (
                <span className="quiet">{tr` By ordinary prices: type yours on the right.`}</span>
              )}
            </p>
            <CostBar lines={cost.lines} names={NAMES} />
            <table className="table mt-2 w-full max-w-4xl">
              <caption className="sr-only">{tr`What a good one costs, by what it is for`}</caption>
              <HeadRow
                columns={[tr`for`, tr`each`, tr`how it comes about`]}
                left={[tr`how it comes about`]}
              />
              <tbody>
                {cost.lines.map((l) => (
                  <tr key={l.part} className="border-base-300 border-b">
                    <th scope="row" className="py-1 text-left font-normal">
                      {NAMES[l.part]}
                    </th>
                    <td className="num text-right">{money(l.money)}</td>
                    <td className="quiet pl-4">{l.how}</td>
                  </tr>
                ))}
              </tbody>
            </table>
            <Cheaper ways={ways} money={money} />
          </>
        )}
      </div>
      <div className="border-base-300 no-print w-full shrink-0 border-l px-5 py-3 xl:w-[23rem]">
        <div className="grid grid-cols-2 gap-x-6 gap-y-2">
          <CountField
            label={tr`Good ones`}
            value={count}
            within={LIMITS.pieces}
            onCommit={setCount}
          />
          <CountField
            label={tr`In the box together`}
            value={attempt?.inLoad ?? 1}
            min={1}
            max={400}
            onCommit={setInLoad}
          />
          <CountField
            label={tr`Lost, of 100`}
            value={Math.round(1000 * share) / 10}
            step={0.1}
            min={0}
            max={95}
            onCommit={(v) => {
              setTyped(v / 100);
            }}
          />
        </div>
        <p className="quiet mt-1 text-sm leading-snug">
          {holds !== undefined && annealer !== undefined
            ? tr`${holds} of it ${holds === 1 ? tr`stands` : tr`stand`} in ${annealer}. `
            : ''}
          {lost
            ? tr`${lost.own ? tr`Of this piece` : tr`Of all that was made`} ${shownNumber(100 * lost.of, 0)} of 100 were lost (${shownNumber(100 * lost.low, 0)} to ${shownNumber(100 * lost.high, 0)}, of ${lost.all}).`
            : tr`The log has nothing yet: none are taken to be lost.`}{' '}
          {typed !== undefined && (
            <button
              type="button"
              className="link"
              onClick={() => {
                setTyped(undefined);
              }}
            >
              {tr`As the log has it`}
            </button>
          )}
        </p>
        <PriceFields prices={prices} way={document.way} />
        <p className="quiet mt-3 text-sm leading-snug">
          {trNodes`An hour at the bench comes to ${(
            <span className="num">
              {money(benchHour(prices, attempt?.helpers ?? 0, prices.burns))}
            </span>
          )}`}
          {trNodes`. It takes ${(<span className="num">{printText(attempt?.glass ?? 0, 'mass', units)}</span>)} of glass.`}
        </p>
      </div>
    </div>
  );
}
