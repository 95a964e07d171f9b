// How a piece stands in the box, asked plainly: it changes the night more than anything else nobody draws. Its figures are below, to change.
import type { SectionStands } from '@zanfirico/contract/piece';
import { LIMITS } from '@zanfirico/contract';
import type { PieceDocument } from '@zanfirico/contract/piece';
import { isNarrow, sightOf, type DrawnSection } from '@zanfirico/core/night/section';
import { tr } from '@zanfirico/core/words';
import { QuantityField } from '../fields/QuantityField';
import { SelectField } from '../fields/SelectField';

const STANDS: Readonly<Record<SectionStands, string>> = {
  free: tr`on posts or a grid`,
  shelf: tr`flat on the shelf`,
  rim: tr`mouth down`,
  lying: tr`on its side`,
  packed: tr`packed among others`,
};

/** What is changed: a way of standing brings its own figures, so those typed before go. */
export type StandingChange = NonNullable<PieceDocument['firing']['standing']>;

interface Props {
  readonly drawn: DrawnSection;
  readonly onChange: (standing: StandingChange, anew: boolean) => void;
}

export function StandsFields({ drawn: { section, standing }, onChange }: Props) {
  const sight = sightOf(standing);
  const share = (what: 'outside' | 'under' | 'opening', label: string, hint: string) => (
    <QuantityField
      label={label}
      hint={hint}
      kind="ratio"
      value={sight[what]}
      within={LIMITS.sees}
      nudge={0.05}
      onCommit={(v) => {
        onChange({ [what]: v }, false);
      }}
    />
  );
  return (
    <>
      <SelectField
        label={tr`It stands in the box`}
        value={standing.stands}
        onChange={(stands) => {
          onChange({ stands: stands }, true);
        }}
      >
        {(Object.keys(STANDS) as SectionStands[]).map((s) => (
          <option key={s} value={s}>
            {STANDS[s]}
          </option>
        ))}
      </SelectField>
      <details className="mt-1">
        <summary className="quiet cursor-pointer">{tr`How its skin sees the box`}</summary>
        <div className="mt-1 grid grid-cols-2 gap-x-6 gap-y-1">
          {share('outside', tr`Outside sees`, tr`100 all of it`)}
          {share('under', tr`Underside sees`, tr`0 on the shelf`)}
          {section.widestInside > 0 && share('opening', tr`Mouth open`, tr`0 shut`)}
          <QuantityField
            label={tr`Inside corners round by`}
            kind="length"
            value={standing.rounded}
            within={LIMITS.cornersRounded}
            nudge={1e-4}
            onCommit={(rounded) => {
              onChange({ rounded }, false);
            }}
          />
        </div>
        <p className="quiet mt-0.5 text-sm leading-snug">
          {section.widestInside === 0
            ? tr`It has no hollow.`
            : isNarrow(section)
              ? tr`Its hollow breathes by its mouth alone; behind that its sides see one another.`
              : tr`It is wide open: air and box reach its inside as they do its outside.`}{' '}
          {tr`Lying it is taken to see 80 % of the box, packed 50 % (from memory).`}
        </p>
      </details>
    </>
  );
}
