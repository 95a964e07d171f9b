// Reading the glass: every part and all of it, what it holds, how it stands, what it fits into.
import { LIMITS } from '@zanfirico/contract';
import { fitsAnnealer, fitsGloryHole, OVAL_REJECT } from '@zanfirico/core/form';
import { ORDINARY_SHOP, type Derived } from '@zanfirico/core/piece';
import { printQuantity, printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { Link } from 'react-router';
import { QuantityField } from '../../../fields/QuantityField';
import { VerdictMark } from '../../../marks/Verdict';
import { changePiece } from '../../../stores/draft';
import { useDisplay } from '../../../stores/display';
import { useShop } from '../../../stores/theShop';
import { usePiece } from '../usePiece';
import { FigureRow } from '../FigureRow';
import { shownNumber } from '../../../fields/shown';

type Good = Extract<Derived, { ok: true }>;

const TENTH = 1e-4;
/** A cork as first offered: a little wider than the mouth above, narrower below, m. */
const CORK_SLACK = 0.002;
const CORK_LENGTH = 0.025;

export function ReadLeaf() {
  const { last } = usePiece();
  if (!last) return <p className="py-6">{tr`The readings come with the form.`}</p>;
  const { readings: r, whole } = last;
  return (
    <>
      <PartsTable derived={last} />
      <ul className="mt-4">
        {last.parts
          .filter((p) => p.shape.shutIn > 0)
          .map((p) => (
            <ShutIn key={p.id} name={p.name} volume={p.shape.shutIn} />
          ))}
        <FigureRow id="capacity" label={tr`Holds, to the brim`} figure={r.capacity} />
        <FigureRow id="filled" label={tr`To the fill line`} figure={r.filled} />
        <FigureRow id="thickest" label={tr`Thickest, ${whole.thickest.name}`} figure={r.thickest} />
        <FigureRow id="thinnest" label={tr`Thinnest, ${whole.thinnest.name}`} figure={r.thinnest} />
        <FigureRow id="step" label={tr`Biggest step`} figure={r.step} />
        <FigureRow id="centreOfMass" label={tr`Weight sits at`} figure={r.centreOfMass} />
        <FigureRow id="tipping" label={tr`Tips at, empty`} figure={r.tipping} />
        <FigureRow id="tippingFull" label={tr`Tips at, filled`} figure={r.tippingFull} />
      </ul>
      <FillField derived={last} />
      <Closure derived={last} />
      <FitsInto derived={last} />
    </>
  );
}

/** The hollow nobody fills: shut at both ends. */
function ShutIn({ name, volume }: { readonly name: string; readonly volume: number }) {
  const units = useDisplay((s) => s.units);
  return (
    <li className="border-base-300 flex items-baseline justify-between border-b py-1">
      <span>{tr`Shut in the ${name}`}</span>
      <span className="num">{printText(volume, 'volume', units)}</span>
    </li>
  );
}

function PartsTable({ derived }: { readonly derived: Good }) {
  const units = useDisplay((s) => s.units);
  const number = (v: number, kind: 'mass' | 'volume' | 'area' | 'length'): string =>
    printText(v, kind, units);
  const rows = [
    ...derived.parts.map((p) => ({
      name: `${String(p.index + 1)} ${p.name}`,
      mass: p.mass,
      volume: p.shape.glassVolume,
      area: p.shape.outsideArea,
      thin: p.shape.thinnest.wall,
      thick: p.shape.thickest.wall,
    })),
    ...derived.bits.map((b) => ({
      name: b.name,
      mass: b.mass,
      volume: b.measure.volume,
      area: b.measure.area,
      thin: b.measure.thickness,
      thick: b.measure.thickness,
    })),
  ];
  const { whole } = derived;
  return (
    <table className="table w-full text-right">
      <caption className="sr-only">{tr`Glass by part`}</caption>
      <thead>
        <tr className="quiet text-sm">
          <th scope="col" className="text-left font-normal">{tr`part`}</th>
          <th scope="col" className="font-normal">{tr`weighs`}</th>
          <th scope="col" className="font-normal">{tr`skin`}</th>
          <th scope="col" className="font-normal">{tr`thin to thick`}</th>
        </tr>
      </thead>
      <tbody className="num text-[0.92rem]">
        {rows.map((row, i) => (
          <tr key={i} className="border-base-300 border-b align-top">
            <th scope="row" className="max-w-24 truncate py-1 text-left font-sans font-normal">
              {row.name}
            </th>
            <td className="py-1">
              {number(row.mass, 'mass')}
              <span className="quiet block text-xs">{number(row.volume, 'volume')}</span>
            </td>
            <td className="py-1">{number(row.area, 'area')}</td>
            <td className="py-1">
              {row.thin === row.thick
                ? number(row.thick, 'length')
                : `${printQuantity(row.thin, 'length', units).number}–${number(row.thick, 'length')}`}
            </td>
          </tr>
        ))}
      </tbody>
      <tfoot className="num font-semibold">
        <tr className="align-top">
          <th scope="row" className="py-1 text-left font-sans">{tr`in all`}</th>
          <td className="py-1">
            {number(whole.mass, 'mass')}
            <span className="quiet block text-xs font-normal">
              {number(whole.volume, 'volume')}
            </span>
          </td>
          <td className="py-1">{number(whole.area, 'area')}</td>
          <td className="py-1">
            {tr`${number(whole.height, 'length')} high`}
            <span className="block">⌀ {number(2 * whole.widest, 'length')}</span>
          </td>
        </tr>
      </tfoot>
    </table>
  );
}

function FillField({ derived }: { readonly derived: Good }) {
  const { document } = usePiece();
  const { fill, lowest } = derived.whole;
  if (!fill) return null;
  return (
    <div className="mt-3 flex items-end gap-4">
      <div className="w-32">
        <QuantityField
          label={tr`Fill line at`}
          kind="length"
          value={fill.line - lowest}
          min={fill.from - lowest}
          max={fill.to - lowest}
          nudge={TENTH}
          onCommit={(line) => {
            changePiece({ fillLine: line + lowest });
          }}
        />
      </div>
      {document.fillLine !== undefined && (
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          onClick={() => {
            changePiece({ fillLine: undefined });
          }}
        >
          {tr`To the brim`}
        </button>
      )}
    </div>
  );
}

function Closure({ derived }: { readonly derived: Good }) {
  const { document } = usePiece();
  const units = useDisplay((s) => s.units);
  const { vessel } = derived.whole;
  const stopper = document.parts.some((p) => p.role === 'stopper');
  if (!vessel) return null;
  const { closure } = document;
  const cork = closure?.cork;
  const set = (change: Partial<NonNullable<typeof closure>>): void => {
    const next = { ovality: 0, ...closure, ...change };
    changePiece({ closure: next.cork === undefined && next.ovality === 0 ? undefined : next });
  };
  return (
    <section className="mt-5" aria-label={tr`Stopper or cork`}>
      <h2 className="text-lg">{tr`Stopper or cork`}</h2>
      {derived.closures.map(({ name, fit }) => (
        <div key={name} className="mt-1">
          <VerdictMark verdict={fit.verdict} />
          {fit.depth !== undefined &&
            fit.plugTaper !== undefined &&
            fit.mouthTaper !== undefined && (
              <p className="num quiet text-sm">
                {tr`seats at ⌀ ${printText(fit.seat ?? 0, 'length', units)} · tapers ${shownNumber(fit.plugTaper, 2)}, neck ${shownNumber(fit.mouthTaper, 2)}`}
              </p>
            )}
        </div>
      ))}
      {!stopper && !cork && (
        <p className="quiet text-sm leading-snug">
          {tr`Add a stopper as a part that lifts out, or `}
          <button
            type="button"
            className="underline"
            onClick={() => {
              const bore = 2 * (vessel.shape.inner.r[vessel.shape.inner.r.length - 1] ?? 0.01);
              set({
                cork: {
                  small: Math.max(0.003, bore - CORK_SLACK),
                  large: bore + CORK_SLACK,
                  length: CORK_LENGTH,
                },
              });
            }}
          >
            {tr`try a cork`}
          </button>
          .
        </p>
      )}
      <div className="mt-2 grid grid-cols-3 gap-x-4 gap-y-2">
        {cork &&
          (
            [
              ['small', tr`Cork below`],
              ['large', tr`Cork above`],
              ['length', tr`Cork, long`],
            ] as const
          ).map(([field, label]) => (
            <QuantityField
              key={field}
              label={label}
              kind="length"
              value={cork[field]}
              min={0.001}
              max={0.3}
              nudge={TENTH}
              onCommit={(value) => {
                set({ cork: { ...cork, [field]: value } });
              }}
            />
          ))}
        {(cork !== undefined || stopper) && (
          <QuantityField
            label={tr`Mouth, oval by`}
            kind="length"
            value={closure?.ovality ?? 0}
            within={LIMITS.ovality}
            nudge={TENTH}
            hint={tr`reject at ${printText(OVAL_REJECT, 'length', units)}`}
            onCommit={(ovality) => {
              set({ ovality });
            }}
          />
        )}
      </div>
      {cork && (
        <button
          type="button"
          className="btn btn-ghost btn-sm mt-1"
          onClick={() => {
            const { ovality } = closure;
            changePiece({ closure: ovality === 0 ? undefined : { ovality } });
          }}
        >
          {tr`No cork`}
        </button>
      )}
    </section>
  );
}

function FitsInto({ derived }: { readonly derived: Good }) {
  const shop = useShop((s) => s.shop?.document) ?? ORDINARY_SHOP;
  const bulk = { height: derived.whole.height, across: 2 * derived.whole.widest };
  return (
    <section className="mt-5" aria-label={tr`What it fits into`}>
      <h2 className="flex items-baseline text-lg">
        <span className="flex-1">{tr`Does it go in?`}</span>
        <Link to="/rack/shop" className="font-sans text-sm underline">{tr`the shop’s sizes`}</Link>
      </h2>
      <ul className="mt-1 flex flex-col gap-1.5">
        {shop.gloryHoles.map((hole) => (
          <li key={hole.name}>
            <VerdictMark verdict={fitsGloryHole(bulk, hole)} />
          </li>
        ))}
        {shop.annealers.map((box) => (
          <li key={box.name}>
            <VerdictMark verdict={fitsAnnealer(bulk, box).verdict} />
          </li>
        ))}
      </ul>
      {shop.gloryHoles.length + shop.annealers.length === 0 && (
        <p className="quiet">{tr`The shop has no glory hole and no annealer yet.`}</p>
      )}
    </section>
  );
}
