// What steps take in this shop against what is ordinary: learnt from its makings, taken into the drafts where one says so.
import { LIMITS } from '@zanfirico/contract';
import type { StepPace } from '@zanfirico/contract/making';
import { tr } from '@zanfirico/core/words';
import { stepSays } from '@zanfirico/core/work';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { readPace } from '../../api/client';
import { HeadRow } from '../../marks/HeadRow';
import { useShop } from '../../stores/theShop';
import { changeShop } from '../../stores/changeShop';
import { useShopHere } from '../../stores/useShopHere';

/** A kind done less often than this is not yet known. */
const ENOUGH = 3;

const share = (of: number): string => `×${of.toFixed(2)}`;

export function OurTimes() {
  useShopHere(false);
  const pace = useQuery({ queryKey: ['pace'], queryFn: readPace });
  const shop = useShop((s) => s.shop);
  const kept = useMemo(
    () => new Map(shop?.document.pace?.map((p) => [p.kind, p])),
    [shop?.document.pace],
  );
  const all = pace.data ?? [];
  const everybody = all.filter((p) => p.person === undefined && p.count >= ENOUGH);
  const people = (kind: string): readonly StepPace[] =>
    all.filter((p) => p.kind === kind && p.person !== undefined && p.count >= ENOUGH);
  const keep = (
    taken: ReadonlyMap<string, { readonly factor: number; readonly count: number }>,
  ) => {
    const lines = [...taken].map(([kind, p]) => ({ kind, factor: p.factor, count: p.count }));
    changeShop(() => ({ pace: lines }));
  };
  const taken = (p: StepPace) => ({
    factor: Math.min(LIMITS.pace.maximum, Math.max(LIMITS.pace.minimum, p.median)),
    count: p.count,
  });
  return (
    <section aria-label={tr`What steps take here`} className="mt-10">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 className="text-2xl">{tr`What steps take here`}</h2>
        {everybody.length > 0 && (
          <button
            type="button"
            className="btn btn-sm btn-primary"
            onClick={() => {
              keep(new Map(everybody.map((p) => [p.kind, taken(p)])));
            }}
          >
            {tr`Plan with ours`}
          </button>
        )}
        {kept.size > 0 && (
          <button
            type="button"
            className="btn btn-sm btn-ghost"
            onClick={() => {
              keep(new Map());
            }}
          >
            {tr`Plan with the ordinary again`}
          </button>
        )}
      </div>
      <p className="quiet max-w-prose leading-snug">
        {everybody.length === 0
          ? tr`Once a kind of step was done ${ENOUGH} times in pieces that came into the box, what it takes here stands here, and can be planned with.`
          : tr`Of what is ordinary on glass of that size: the middle of all, and where half of them lie. Heats are not among them: they last as long as the glass asks. A kept order keeps its own times.`}
      </p>
      {everybody.length > 0 && (
        <div className="overflow-x-auto">
          <table className="table mt-2 w-full">
            <caption className="sr-only">{tr`What steps take here, by kind`}</caption>
            <HeadRow
              columns={[
                tr`step`,
                tr`times`,
                tr`middle`,
                tr`half of them`,
                tr`by person`,
                tr`planned with`,
              ]}
              left={[tr`by person`]}
            />
            <tbody className="num text-right">
              {everybody.map((p) => {
                const used = kept.get(p.kind);
                return (
                  <tr key={p.kind} className="border-base-300 border-b">
                    <th scope="row" className="py-1 text-left font-sans font-normal">
                      {stepSays(p.kind)}
                    </th>
                    <td>{p.count}</td>
                    <td>{share(p.median)}</td>
                    <td>{tr`${share(p.lower)} to ${share(p.upper)}`}</td>
                    <td className="text-left font-sans">
                      {people(p.kind).map((q) => (
                        <span key={q.person} className="mr-3 whitespace-nowrap">
                          {q.person} <span className="num">{share(q.median)}</span>
                        </span>
                      ))}
                    </td>
                    <td>
                      <label className="flex items-center justify-end gap-2">
                        <span>{used ? share(used.factor) : tr`ordinary`}</span>
                        <input
                          type="checkbox"
                          className="checkbox checkbox-sm"
                          aria-label={tr`Plan ${stepSays(p.kind)} with ours`}
                          checked={used !== undefined}
                          onChange={(e) => {
                            const next = new Map(kept);
                            if (e.target.checked) next.set(p.kind, { kind: p.kind, ...taken(p) });
                            else next.delete(p.kind);
                            keep(next);
                          }}
                        />
                      </label>
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </div>
      )}
    </section>
  );
}
