// The leaf of canes and ribs: how many go round, how much to pull, how many turns, how it stands after blowing.
import { trNodes } from '../../../../words/trNodes';
import { LIMITS } from '@zanfirico/contract';
import type { PieceCane } from '@zanfirico/contract/piece';
import {
  billetFor,
  canesRound,
  pulledFrom,
  ribAfter,
  ribSpacing,
  turnsFor,
  twistAngle,
} from '@zanfirico/core/cane';
import { across, arcAt } from '@zanfirico/core/form/pattern';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { CountField } from '../../../../fields/CountField';
import { QuantityField } from '../../../../fields/QuantityField';
import { useBoard } from '../../../../stores/board';
import { changePiece } from '../../../../stores/draft';
import { useDisplay } from '../../../../stores/display';
import { usePiece, type OnBoard } from '../../usePiece';
import { shownNumber } from '../../../../fields/shown';
import { TroubleLine } from '../../../../marks/TroubleLine';

const TENTH = 1e-4;
const DEGREE = Math.PI / 180;
/** A gap wider than this share of a cane shows as a clear stripe. Common practice, no source. */
const SHOWS = 0.5;

/** Canes as first offered: 6 mm from a 30 mm billet, half of the ends lost, a quarter turn's slant. From memory. */
const FIRST = {
  cane: 0.006,
  billet: { diameter: 0.03, length: 0.1 },
  lost: 0.3,
  twist: 30 * DEGREE,
} as const;

/** Ribs of a dip mould, where it is dipped. */
function RibFields({
  cane,
  final,
  set,
}: {
  readonly cane: PieceCane;
  readonly final: { readonly length: number; readonly diameter: number };
  readonly set: (change: Partial<PieceCane>) => void;
}) {
  const { carried } = usePiece();
  const units = useDisplay((s) => s.units);
  const text = (v: number): string => printText(v, 'length', units);
  return (
    <>
      <h2 className="mt-4 text-lg">{tr`Ribs of a dip mould`}</h2>
      {cane.rib ? (
        <>
          <div className="grid grid-cols-3 gap-x-4">
            <CountField
              label={tr`Ribs`}
              value={cane.rib.count}
              within={LIMITS.ribs}
              onCommit={(count) => {
                set({ rib: { count, rise: cane.rib?.rise ?? 0.002 } });
              }}
            />
            <QuantityField
              label={tr`They rise`}
              kind="length"
              value={cane.rib.rise}
              within={LIMITS.ribRise}
              nudge={TENTH}
              onCommit={(rise) => {
                set({ rib: { count: cane.rib?.count ?? 12, rise } });
              }}
            />
            <button
              type="button"
              className="btn btn-ghost btn-sm self-end"
              onClick={() => {
                const plain = { ...cane };
                delete plain.rib;
                changePiece({ cane: plain });
              }}
            >
              {tr`No ribs`}
            </button>
          </div>
          <Ribs rib={cane.rib} bubble={cane.bubble} final={final} carried={carried} text={text} />
        </>
      ) : (
        <button
          type="button"
          className="btn btn-outline btn-sm mt-1"
          onClick={() => {
            set({ rib: { count: 12, rise: 0.002 } });
          }}
        >
          {tr`Dip it in a ribbed mould`}
        </button>
      )}
    </>
  );
}

export function CaneLeaf() {
  const { document, last } = usePiece();
  const chosen = useBoard((s) => s.part);
  const units = useDisplay((s) => s.units);
  const part = last?.parts[Math.min(chosen, last.parts.length - 1)];
  if (!part) return <p className="quiet">{tr`The canes come with the form.`}</p>;
  // Canes are picked up on the first bubble, which is as wide and long as its stage says.
  const first = part.stages.find((s) => s.wall !== undefined);
  const cane: PieceCane = document.cane ?? {
    ...FIRST,
    bubble: Number((first?.diameter ?? part.shape.widest).toFixed(4)),
    length: Number((first?.length ?? part.shape.height / 2).toFixed(4)),
  };
  const set = (change: Partial<PieceCane>): void => {
    changePiece({ cane: { ...cane, ...change } });
  };
  const { shape } = part;
  const final = { length: shape.height, diameter: 2 * shape.widest };
  const round = canesRound(cane.bubble, cane.cane);
  const each = cane.length;
  const pulled = pulledFrom(cane.billet, cane.cane, cane.lost);
  const wanted = round.count * each;
  const billet = billetFor(round.count, each, cane.cane, cane.billet.diameter, cane.lost);
  const turns = turnsFor(cane.twist, final.length, final.diameter);
  const atPickUp = twistAngle(turns, cane.length, cane.bubble);
  const text = (v: number): string => printText(v, 'length', units);
  const degrees = (v: number): string => `${String(Math.round(v / DEGREE))}°`;
  const field = (
    label: string,
    value: number,
    min: number,
    max: number,
    change: (v: number) => Partial<PieceCane>,
  ) => (
    <QuantityField
      label={label}
      kind="length"
      value={value}
      min={min}
      max={max}
      nudge={TENTH}
      onCommit={(v) => {
        set(change(v));
      }}
    />
  );
  return (
    <>
      <p className="quiet text-sm leading-snug">
        {tr`For part ${part.index + 1}, ${part.name}: ${text(final.diameter)} across, ${text(final.length)} high when finished.`}
      </p>
      <h2 className="mt-2 text-lg">{tr`Pick up`}</h2>
      <div className="grid grid-cols-3 gap-x-4 gap-y-2">
        {field(tr`Bubble ⌀`, cane.bubble, 0.005, 1, (bubble) => ({ bubble }))}
        {field(tr`Its length`, cane.length, 0.005, 2, (length) => ({ length }))}
        {field(tr`Cane ⌀`, cane.cane, 0.0005, 0.05, (v) => ({ cane: v }))}
      </div>
      <p className="mt-2 text-lg leading-snug">
        {trNodes`${(<strong className="num">{round.count}</strong>)} canes go round, ${text(each)} each.`}
      </p>
      <p className="leading-snug">
        {round.gap > SHOWS * cane.cane
          ? tr`A gap of ${text(round.gap)} stays open and shows as a clear stripe: `
          : tr`They close with ${text(round.gap)} to spare; `}
        {round.count >= 3 && <>{tr`snug at a bubble of ${text(round.snug)}.`}</>}
      </p>
      <h2 className="mt-4 text-lg">{tr`Pull`}</h2>
      <div className="grid grid-cols-3 gap-x-4 gap-y-2">
        {field(tr`Billet ⌀`, cane.billet.diameter, 0.002, 0.3, (diameter) => ({
          billet: { ...cane.billet, diameter },
        }))}
        {field(tr`Its length`, cane.billet.length, 0.005, 2, (length) => ({
          billet: { ...cane.billet, length },
        }))}
        <QuantityField
          label={tr`Lost (%)`}
          kind="ratio"
          value={cane.lost}
          within={LIMITS.lost}
          nudge={0.01}
          onCommit={(lost) => {
            set({ lost });
          }}
        />
      </div>
      {cane.billet.diameter <= cane.cane ? (
        <TroubleLine className="mt-2">
          {tr`A pull only thins: the billet, ${text(cane.billet.diameter)}, is not thicker than the cane.`}
        </TroubleLine>
      ) : (
        <p className="mt-2 leading-snug">
          {trNodes`It pulls to ${(<strong className="num">{text(pulled)}</strong>)} of good cane; the pick-up wants ${(<strong className="num">{text(wanted)}</strong>)}`}
          {pulled < wanted ? (
            <>{trNodes`: make the billet ${(<strong className="num">{text(billet)}</strong>)} long.`}</>
          ) : (
            tr`. That is enough.`
          )}
        </p>
      )}
      <h2 className="mt-4 text-lg">{tr`Twist`}</h2>
      <div className="grid grid-cols-2 gap-x-4">
        <QuantityField
          label={tr`On the finished glass`}
          kind="angle"
          value={cane.twist}
          within={LIMITS.twist}
          nudge={DEGREE}
          hint={tr`from upright, at its widest`}
          onCommit={(twist) => {
            set({ twist });
          }}
        />
        <p className="self-center text-lg leading-snug">
          {trNodes`${(<strong className="num">{shownNumber(turns, 2)}</strong>)} turns from end to end.`}
        </p>
      </div>
      <p className="leading-snug">
        {trNodes`On the bubble at pick-up they stand at ${(<strong className="num">{degrees(atPickUp)}</strong>)}: turns stay, the slant changes as it is blown.`}
        {atPickUp > 70 * DEGREE && (
          <span className="text-warning">
            {' '}
            {tr`That is very steep: twist some of it later, when longer.`}
          </span>
        )}
      </p>
      <RibFields cane={cane} final={final} set={set} />
      <p className="quiet mt-4 text-sm leading-snug">{tr`Chord geometry and conservation of glass. Canes must fit the glass they lie on: same expansion, tested.`}</p>
    </>
  );
}

function Ribs({
  rib,
  bubble,
  final,
  carried,
  text,
}: {
  readonly rib: NonNullable<PieceCane['rib']>;
  readonly bubble: number;
  readonly final: { readonly length: number; readonly diameter: number };
  readonly carried: OnBoard['carried'];
  readonly text: (v: number) => string;
}) {
  // With a blank drawn the stretch is known; without one the bubble's own width is what there is.
  const s = carried && arcAt(carried.map, 'final', midHeight(carried));
  const row = carried && s !== undefined ? across(carried.map, 'final', s) : undefined;
  const hoop = row?.hoop ?? final.diameter / bubble;
  const meridian = row?.meridian ?? 1;
  return (
    <p className="mt-1 leading-snug">
      {trNodes`On the bubble every ${(<strong className="num">{text(ribSpacing(rib.count, bubble))}</strong>)}; on the finished glass every ${(<strong className="num">{text(ribSpacing(rib.count, final.diameter))}</strong>)} at its widest, risen ${(<strong className="num">{text(ribAfter(rib.rise, hoop, meridian))}</strong>)}.`}
      <span className="quiet text-sm">
        {' '}
        {row
          ? tr`By the stretch of the pattern’s blank at mid height.`
          : tr`Stretch along is taken as none; draw a blank (Pattern) to have it counted.`}
      </span>
    </p>
  );
}

const midHeight = (carried: NonNullable<OnBoard['carried']>): number => {
  const heights = carried.map.rows.map((r) => r.final.height);
  return (Math.min(...heights) + Math.max(...heights)) / 2;
};
