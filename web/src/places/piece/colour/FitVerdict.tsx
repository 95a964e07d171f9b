// Does it hold together? Both schools, which is trusted and why, what would mend it, and what else to know.
import { trNodes } from '../../../words/trNodes';
import {
  asFitGlass,
  judgeInclusion,
  movesFirst,
  reaction,
  remedies,
  stackAt,
} from '@zanfirico/core/fit';
import { tr } from '@zanfirico/core/words';
import { useWords } from '../../../fields/useWords';
import { VerdictMark } from '../../../marks/Verdict';
import { changePiece } from '../../../stores/draft';
import { useRack } from '../../../stores/theRack';
import type { Colouring } from './useColouring';
import { PairNotes } from './PairNotes';
import { PointsField } from './PointsField';
import { shownNumber } from '../../../fields/shown';

export function FitVerdict({ colouring }: { readonly colouring: Colouring }) {
  const words = useWords();
  const { part, shares, bearing, laid, fit, tolerance, schools, rack, form, wall, pieces } =
    colouring;
  const all = useRack((s) => s.rack);
  const worst = fit.places[fit.worst];
  const glass = asFitGlass(part.glass);
  if (!worst) return null;
  const { byStress, byNumber, disagree, fall } = worst.fit;
  const colours = shares.flatMap((s) => (s.colour ? [s.colour] : []));
  const mends =
    byStress.verdict === 'good'
      ? []
      : remedies(
          stackAt(bearing, glass, wall),
          form,
          schools,
          rack.filter((c) => c.family !== 'other'),
        );
  const reacts = shares.flatMap((s, i) => {
    const next = shares[i + 1];
    const found = next && reaction(s.colour ?? glass, next.colour ?? glass);
    return found
      ? [tr`${s.colour?.name ?? glass.name} and ${next.colour?.name ?? glass.name}: ${found.says}`]
      : [];
  });
  const setIn = laid.flatMap((l) => {
    const colour = all.colour(l.colour);
    return colour && l.amount.kind === 'pieces'
      ? [
          judgeInclusion(colour.name, { ...colour, radius: l.amount.diameter / 2 }, glass, fall)
            .verdict,
        ]
      : [];
  });
  const stiff = [
    ...new Set(
      colours.filter((c) => c.family !== 'other').flatMap((c) => movesFirst(c, glass) ?? []),
    ),
  ];
  const inner = shares[0]?.colour;
  const caution = colours.filter((c) => c.keepOffFood);
  return (
    <section aria-label={tr`Fit`} className="mt-2 xl:mt-9">
      <div className="flex flex-col gap-1">
        <p className="quiet text-sm">{tr`by stress`}</p>
        <VerdictMark verdict={byStress} />
        <p className="quiet mt-1 text-sm">{tr`by number`}</p>
        <VerdictMark verdict={byNumber} />
      </div>
      {disagree !== undefined && <p className="mt-2 leading-snug">{disagree}</p>}
      {mends.length > 0 && (
        <>
          <h3 className="mt-3 text-lg">{tr`Tried, and good`}</h3>
          <ul>
            {mends.slice(0, 5).map((m) => (
              <li key={m.says} className="leading-snug">
                {m.says}{' '}
                <span className="num quiet text-sm">{shownNumber(m.tension / 1e6, 1)} MPa</span>
              </li>
            ))}
          </ul>
        </>
      )}
      {byStress.verdict !== 'good' && mends.length === 0 && (
        <p className="mt-2">{tr`Nothing tried came out good: thinner, clear between, nor any colour of the rack.`}</p>
      )}
      {setIn.length > 0 && (
        <div className="mt-3 flex flex-col gap-1">
          <p className="quiet text-sm">{tr`set in`}</p>
          {setIn.map((v) => (
            <VerdictMark key={v.because} verdict={v} />
          ))}
        </div>
      )}
      {reacts.map((r) => (
        <p key={r} className="text-warning mt-2 leading-snug">
          {r}
        </p>
      ))}
      {stiff.map((s) => (
        <p key={s} className="mt-2 leading-snug">
          {words(s)}
        </p>
      ))}
      {caution.length > 0 && (
        <p className="text-warning mt-2 leading-snug">
          {trNodes`${caution.map((c) => c.name).join(', ')}: lead or cadmium. Keep off surfaces that touch food or lips${inner?.keepOffFood === true && tr`, as the inside here does`}; the supplier’s sheet decides.`}
        </p>
      )}
      <PairNotes colours={colours} glass={glass} fall={fall} />
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
