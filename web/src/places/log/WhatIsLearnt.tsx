// What the shop has learnt of itself: how it makes what it draws, how its bench and hole take heat. Each as a number with its spread and
// count, taken into the plans or left out of them.
import type { Measure } from '@zanfirico/contract/making';
import { trNodes } from '../../words/trNodes';
import { LIMITS } from '@zanfirico/contract';
import type { ShopDocument } from '@zanfirico/contract/shop';
import { withChanges } from '@zanfirico/core/edits';
import { biases, ENOUGH_PIECES } from '@zanfirico/core/log';
import { robust, type Robust } from '@zanfirico/core/stats';
import { tr } from '@zanfirico/core/words';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { readTaught, sentenceOf } from '../../api/client';
import { shownNumber } from '../../fields/shown';
import { useReadings } from '../../log/useReadings';
import { HeadRow } from '../../marks/HeadRow';
import { useShop } from '../../stores/theShop';
import { changeShop } from '../../stores/changeShop';
import { TroubleLine } from '../../marks/TroubleLine';

type Learnt = NonNullable<ShopDocument['learnt']>;
type Taken = 'wall' | 'weight' | 'allowance' | 'bench' | 'hole';

interface Line {
  readonly says: string;
  readonly what: string;
  readonly found: Robust | undefined;
  /** Where it is taken into the plans; told only where left out. */
  readonly taken?: Taken;
}

const BOUNDS = {
  wall: LIMITS.madeOfDrawn,
  weight: LIMITS.madeOfDrawn,
  allowance: LIMITS.allowance,
  bench: LIMITS.exchange,
  hole: LIMITS.exchange,
} as const;
const times = (v: number): string => `×${shownNumber(v, 2)}`;
const share = (v: number): string => `${shownNumber(100 * v, 0)} %`;
/** How a factor is told. */
const told = (taken: Taken | undefined, v: number): string =>
  taken === 'allowance' ? share(v) : times(v);

export function WhatIsLearnt() {
  const learnt = useShop((s) => s.shop?.document.learnt);
  const since = learnt?.since ?? 0;
  const taught = useQuery({ queryKey: ['taught', since], queryFn: () => readTaught(since) });
  const readings = useReadings(taught.data?.read);
  const found = useMemo(() => biases(taught.data?.against ?? []), [taught.data]);
  const moil = useMemo(() => robust(taught.data?.moil ?? []), [taught.data]);
  const exchange = readings.found;
  const keep = (next: Learnt): void => {
    changeShop(() => ({ learnt: next }));
  };
  const of = (measure: Measure): Robust | undefined => found[measure];
  const lines: readonly Line[] = [
    {
      says: tr`Walls`,
      what: tr`made, of drawn: the night is for what you make`,
      found: of('wall'),
      taken: 'wall',
    },
    {
      says: tr`Weight`,
      what: tr`made, of drawn: so much is gathered`,
      found: of('weight'),
      taken: 'weight',
    },
    { says: tr`Height`, what: tr`made, of drawn`, found: of('height') },
    { says: tr`Across the lip`, what: tr`made, of drawn`, found: of('lip') },
    { says: tr`To the brim`, what: tr`made, of drawn`, found: of('capacity') },
    {
      says: tr`Moil and trim`,
      what: tr`of what is finished, weighed on the iron and after: new pieces begin with it`,
      found: moil,
      taken: 'allowance',
    },
    {
      says: tr`The bench cools`,
      what: tr`of what is ordinary, by temperatures read at it`,
      found: exchange.bench,
      taken: 'bench',
    },
    {
      says: tr`The hole heats`,
      what: tr`of what is ordinary, by temperatures read right after it`,
      found: exchange.hole,
      taken: 'hole',
    },
  ];
  const known = lines.filter((l) => l.found);
  return (
    <section id="what-is-learnt" aria-label={tr`What the shop has learnt`} className="mt-10">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 className="text-2xl">{tr`What the shop has learnt`}</h2>
        {known.length > 0 && (
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            onClick={() => {
              keep({ since: Date.now() });
            }}
          >
            {tr`Begin afresh`}
          </button>
        )}
        {since > 0 && (
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            onClick={() => {
              keep(withChanges(learnt ?? {}, { since: undefined }));
            }}
          >
            {tr`Learn from all of it again`}
          </button>
        )}
      </div>
      {taught.error && <TroubleLine className="mt-2">{sentenceOf(taught.error)}</TroubleLine>}
      {readings.share !== undefined && (
        <p className="quiet" role="status">
          {trNodes`Readings are looked at, ${(<span className="num">{shownNumber(100 * readings.share, 0)} %</span>)} …`}
        </p>
      )}
      {known.length === 0 ? (
        <p className="quiet max-w-prose leading-snug">
          {since > 0
            ? tr`Nothing was measured since it was begun afresh.`
            : tr`Once finished pieces are measured against their drawings, or temperatures are read at the bench, what this shop makes of a plan stands here and can be planned with.`}
        </p>
      ) : (
        <div className="overflow-x-auto">
          <table className="table mt-1 w-full">
            <caption className="sr-only">{tr`What the shop has learnt of itself`}</caption>
            <HeadRow
              columns={[tr`figure`, tr`what`, tr`middle`, tr`spread`, tr`of`, tr`planned with`]}
              left={[tr`what`]}
            />
            <tbody className="num text-right whitespace-nowrap">
              {known.map((l) => (
                <LearntRow key={l.says} line={l} learnt={learnt} onKeep={keep} />
              ))}
            </tbody>
          </table>
        </div>
      )}
      <p className="quiet mt-1 max-w-prose text-sm leading-snug">
        {trNodes`The middle of all (median), and how far they lie from it (1.48 × the median distance): one wild figure moves neither by much. Planned with from ${ENOUGH_PIECES} on. Elsewhere: ${(<Link to="/bench" className="link">{tr`what steps take`}</Link>)}`}
        , <Link to="/rack/shop" className="link">{tr`how thick a gather is`}</Link>{' '}
        {trNodes`and ${(<Link to="/night" className="link">{tr`how the annealers cool`}</Link>)}`}.
      </p>
    </section>
  );
}

function LearntRow({
  line,
  learnt,
  onKeep,
}: {
  readonly line: Line;
  readonly learnt: Learnt | undefined;
  readonly onKeep: (next: Learnt) => void;
}) {
  const { found, taken } = line;
  if (!found) return null;
  const used = taken && learnt?.[taken];
  const enough = found.count >= ENOUGH_PIECES;
  const bounds = taken && BOUNDS[taken];
  return (
    <tr className="border-base-300 border-b">
      <th scope="row" className="py-1 text-left font-sans font-normal">
        {line.says}
      </th>
      <td className="pl-4 text-left font-sans whitespace-normal">
        <span className="quiet">{line.what}</span>
      </td>
      <td>{told(taken, found.middle)}</td>
      <td className="pl-4">
        ±{taken === 'allowance' ? share(found.spread) : shownNumber(found.spread, 3)}
      </td>
      <td className="pl-4">{found.count}</td>
      <td>
        {taken && bounds ? (
          <label className="flex items-center justify-end gap-2">
            <span>
              {used
                ? told(taken, used.factor)
                : enough
                  ? tr`ordinary`
                  : tr`from ${ENOUGH_PIECES} on`}
            </span>
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              aria-label={tr`Plan with ours: ${line.says}`}
              checked={used !== undefined}
              disabled={!enough && !used}
              onChange={(e) => {
                const factor = Math.min(bounds.maximum, Math.max(bounds.minimum, found.middle));
                const used = e.target.checked ? { factor, count: found.count } : undefined;
                onKeep(withChanges(learnt ?? {}, { [taken]: used }));
              }}
            />
          </label>
        ) : (
          <span className="font-sans quiet">{tr`told only`}</span>
        )}
      </td>
    </tr>
  );
}
