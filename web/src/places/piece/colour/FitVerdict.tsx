// Does it hold together? Both schools, which is trusted and why, what would mend it, and what else to know.
import {
  asFitGlass,
  bowFor,
  movesFirst,
  printText,
  reaction,
  remedies,
  stackAt,
} from '@zanfirico/core';
import { Verdict } from '../../../marks/Verdict';
import { changePiece } from '../../../stores/draft';
import { useDisplay } from '../../../stores/display';
import type { Colouring } from './useColouring';
import { PointsField } from './PointsField';

/** The customary thread: 1 mm, halves equal, looked at over 300 mm. Common practice, no source. */
const THREAD = { length: 0.3, half: 0.0005 } as const;

export function FitVerdict({ colouring }: { readonly colouring: Colouring }) {
  const { part, shares, fit, tolerance, rack, form, wall, pieces } = colouring;
  const units = useDisplay((s) => s.units);
  const worst = fit.places[fit.worst];
  const glass = asFitGlass(part.glass);
  if (!worst) return null;
  const { byStress, byNumber, disagree, fall } = worst.fit;
  const colours = shares.flatMap((s) => (s.colour ? [s.colour] : []));
  const mends =
    byStress.verdict === 'good'
      ? []
      : remedies(stackAt(shares, glass, wall), form, { tolerance }, rack);
  const reacts = shares.flatMap((s, i) => {
    const next = shares[i + 1];
    const found = next && reaction(s.colour ?? glass, next.colour ?? glass);
    return found
      ? [`${s.colour?.name ?? glass.name} and ${next.colour?.name ?? glass.name}: ${found.says}`]
      : [];
  });
  const stiff = [...new Set(colours.flatMap((c) => movesFirst(c, glass) ?? []))];
  const inner = shares[0]?.colour;
  const caution = colours.filter((c) => c.keepOffFood);
  return (
    <section aria-label="Fit" className="mt-2 xl:mt-9">
      <div className="flex flex-col gap-1">
        <p className="quiet text-sm">by stress</p>
        <Verdict verdict={byStress} />
        <p className="quiet mt-1 text-sm">by number</p>
        <Verdict verdict={byNumber} />
      </div>
      {disagree !== undefined && <p className="mt-2 leading-snug">{disagree}</p>}
      {mends.length > 0 && (
        <>
          <h3 className="mt-3 text-lg">Tried, and good</h3>
          <ul>
            {mends.slice(0, 5).map((m) => (
              <li key={m.says} className="leading-snug">
                {m.says}{' '}
                <span className="num quiet text-sm">{(m.tension / 1e6).toFixed(1)} MPa</span>
              </li>
            ))}
          </ul>
        </>
      )}
      {byStress.verdict !== 'good' && mends.length === 0 && (
        <p className="mt-2">
          Nothing tried came out good: thinner, clear between, nor any colour of the rack.
        </p>
      )}
      {reacts.map((r) => (
        <p key={r} className="text-warning mt-2 leading-snug">
          {r}
        </p>
      ))}
      {stiff.map((s) => (
        <p key={s} className="mt-2 leading-snug">
          {s}
        </p>
      ))}
      {caution.length > 0 && (
        <p className="text-warning mt-2 leading-snug">
          {caution.map((c) => c.name).join(', ')}: lead or cadmium. Keep off surfaces that touch
          food or lips{inner?.keepOffFood === true && ', as the inside here does'}; the supplier’s
          sheet decides.
        </p>
      )}
      {colours.length > 0 && (
        <p className="quiet mt-2 text-sm leading-snug">
          A 1 mm thread of{' '}
          {[...new Map(colours.map((c) => [c.id, c])).values()]
            .map((c) => {
              const bow = bowFor(
                {
                  length: THREAD.length,
                  thickness: [THREAD.half, THREAD.half],
                  youngs: [c.youngs, glass.youngs],
                  fall,
                },
                c.expansion - glass.expansion,
              );
              return `${c.name} with the clear bows ${printText(Math.abs(bow), 'length', units)}`;
            })
            .join(', ')}{' '}
          over 300 mm, if the representative numbers are true. Test it: a measured pair outranks any
          sheet.
        </p>
      )}
      <div className="mt-3 w-40">
        <PointsField
          value={tolerance}
          onCommit={(next) => {
            changePiece({ fit: { tolerance: next, pieces } });
          }}
        />
      </div>
    </section>
  );
}
