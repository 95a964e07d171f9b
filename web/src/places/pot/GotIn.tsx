// What got in by mistake: how the pot would look at depths, who of the rack no longer holds on it, how many charges until it is gone.
import { trNodes } from '../../words/trNodes';
import { LIMITS } from '@zanfirico/contract';
import {
  asFitGlass,
  hexOf,
  judgeOverlays,
  NUMBER_TOLERANCE,
  WHITE,
  type Light,
} from '@zanfirico/core/fit';
import type { Glass } from '@zanfirico/core/glass';
import { spoilt, stiffens } from '@zanfirico/core/pot';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useMemo, useState } from 'react';
import { SelectField } from '../../fields/SelectField';
import { shownNumber } from '../../fields/shown';
import { useDisplay } from '../../stores/display';
import { useRack } from '../../stores/theRack';
import { HeavyField } from './HeavyField';

interface Props {
  readonly glass: Glass;
  /** Glass in the pot, and what it holds, kg. */
  readonly there: number;
  readonly holds: number;
}

/** A layer as a test of fit lays it, on an ordinary wall, m. */
const BUILD = { wall: 0.004, overlay: 0.0005, form: { kind: 'cylinder', inside: 0.04 } } as const;
/** Names told of those that no longer hold. */
const MOST = 8;
const POINT = 1e-7;

/** White seen through it. */
const seenAs = (light: Light): string =>
  hexOf([WHITE[0] * light[0], WHITE[1] * light[1], WHITE[2] * light[2]]);

export function GotInFields({ glass, there, holds }: Props) {
  const units = useDisplay((s) => s.units);
  const rack = useRack((s) => s.rack);
  const all = useMemo(
    () => rack.lines.filter((l) => !l.entry.retired && l.entry.family !== 'other'),
    [rack],
  );
  const [chosen, setId] = useState<string>();
  const [mass, setMass] = useState(0.2);
  const [charge, setCharge] = useState(40);
  const line =
    all.find((l) => l.entry.id === chosen) ?? all.find((l) => l.entry.kind === 'colour') ?? all[0];
  const colour = line?.colour;
  const told = useMemo(() => {
    if (!colour) return undefined;
    const after = Math.max(charge, Math.min(holds, there + mass));
    return spoilt(mass, colour, there, glass.expansion, charge / after);
  }, [colour, mass, there, holds, charge, glass.expansion]);
  const lost = useMemo(() => {
    if (!told) return [];
    const colours = rack.lines.flatMap((l) => (l.entry.retired ? [] : [l.colour]));
    const judge = (expansion: number) =>
      judgeOverlays(colours, asFitGlass({ ...glass, expansion }), BUILD, {
        tolerance: NUMBER_TOLERANCE,
      });
    const before = judge(glass.expansion);
    return judge(told.expansion).flatMap((fit, i) =>
      fit.verdict === 'no' && before[i]?.verdict !== 'no' ? [colours[i]?.name ?? fit.id] : [],
    );
  }, [told, rack, glass]);
  if (!line || !told) return null;
  const own = rack.line(glass.id);
  const works = stiffens(
    told.share,
    { softening: line.colour.softening, composition: line.entry.composition },
    { softening: glass.softening, composition: own?.entry.composition },
  );
  return (
    <section aria-label={tr`What got in by mistake`} className="mt-8">
      <h2 className="text-2xl">{tr`What got in by mistake`}</h2>
      <div className="mt-1 flex flex-wrap items-end gap-4">
        <SelectField label={tr`What`} className="w-56" value={line.entry.id} onChange={setId}>
          {all.map((l) => (
            <option key={l.entry.id} value={l.entry.id}>
              {l.entry.name}
            </option>
          ))}
        </SelectField>
        <div className="w-28">
          <HeavyField label={tr`How much`} value={mass} within={LIMITS.charge} onCommit={setMass} />
        </div>
        <div className="w-32">
          <HeavyField
            label={tr`A charge brings`}
            value={charge}
            within={LIMITS.charge}
            onCommit={setCharge}
          />
        </div>
      </div>
      <ul className="mt-3 flex flex-wrap gap-4" aria-label={tr`How it would look`}>
        {told.looks.map(({ depth, light }) => (
          <li key={depth} className="flex items-center gap-2">
            <span
              className="border-base-300 size-14 border"
              style={{ background: seenAs(light) }}
              aria-hidden="true"
            />
            <span className="leading-snug">
              {trNodes`through ${(<span className="num">{printText(depth, 'length', units)}</span>)}`}
              <span className="quiet block">
                {trNodes`red, green, blue ${(<span className="num">{light.map((v) => shownNumber(100 * v, 0)).join(', ')} %</span>)}`}
              </span>
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-2 leading-snug">
        {told.charges === 0
          ? tr`Not to be seen through 20 mm.`
          : told.charges === undefined
            ? tr`Without charges it stays.`
            : tr`Not to be seen any more after ${told.charges} ${told.charges === 1 ? tr`charge` : tr`charges`} like that.`}{' '}
        {trNodes`Its expansion goes from ${(<span className="num">{shownNumber(glass.expansion / POINT, 1)}</span>)} to ${(<span className="num">{shownNumber(told.expansion / POINT, 1)}</span>)}`}{' '}
        × 10⁻⁷/K:{' '}
        {lost.length === 0
          ? tr`every colour of the rack that held on it still does.`
          : tr`${lost.slice(0, MOST).join(', ')}${lost.length > MOST ? tr` and ${lost.length - MOST} more` : ''} would no longer hold on it.`}{' '}
        {Math.abs(works.by) < 0.5 ? (
          tr`It works as it did.`
        ) : (
          <>
            {trNodes`It works ${(
              <span className="num">
                {printText(Math.abs(works.by), 'temperatureDifference', units)}
              </span>
            )} ${works.by > 0 ? tr`stiffer` : tr`softer`}: as stiff as before that much ${works.by > 0 ? tr`hotter` : tr`colder`} (by ${works.from === 'oxides' ? tr`its oxides, Lakatos` : tr`the softening points`}`}
            ).
          </>
        )}
      </p>
      <p className="quiet mt-1 max-w-prose text-sm leading-snug">{tr`Mixed through, by mass (Beer–Lambert; expansion by additive factors). Streaks come first and are darker; what scatters or strikes is told by what it lets through alone. Ladle out what can be seen before it is stirred in.`}</p>
    </section>
  );
}
