// Held between polarisers once cold: the colour that was seen, or nanometres, through so much glass; what that is in stress, and what its
// night should have left.
import { trNodes } from '../../words/trNodes';
import { LIMITS } from '@zanfirico/contract';
import { interferenceColour } from '@zanfirico/core/fit';
import {
  COLOURS_SEEN,
  drawnOf,
  stressSeen,
  type Evidence,
  type Morning,
} from '@zanfirico/core/log';
import type { Derived } from '@zanfirico/core/piece';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useState } from 'react';
import type { Happens } from '../../making/useMaking';
import { CountField } from '../../fields/CountField';
import { QuantityField } from '../../fields/QuantityField';
import { shownNumber } from '../../fields/shown';
import { useDisplay } from '../../stores/display';

interface Props {
  readonly derived: Extract<Derived, { ok: true }>;
  readonly morning: Morning;
  readonly night: Evidence['night'];
  readonly onHappen: (what: Happens) => void;
}

/** Seen so much more than the night leaves is told as another thing than the night. */
const MORE = 1.5;

export function BetweenPolarisers({ derived, morning, night, onHappen }: Props) {
  const units = useDisplay((s) => s.units);
  const { whole, main } = derived;
  const half = Math.round(500 * whole.height) / 1000;
  const [up, setUp] = useState(half);
  const known = morning.polarised.find((p) => p.up === up);
  const wall = drawnOf(derived, 'wall', up) ?? whole.thinnest.wall;
  // From the side light goes in through one wall and out through the other; a solid place is one.
  const hollow = main.shape.opening !== 'solid' && wall < 0.4 * whole.widest;
  const [through, setThrough] = useState<number>();
  const inTheWay = through ?? known?.through ?? (hollow ? 2 : 1) * wall;
  const [nm, setNm] = useState<number>();
  const seen = nm ?? known?.nm;
  const stress =
    seen === undefined ? undefined : stressSeen(seen, inTheWay, main.glass.stressOptical);
  const left = night && night.kept * 1e6;
  const told = morning.polarised;
  const keep = (value: number): void => {
    setNm(value);
    onHappen({ kind: 'polarised', nm: value, through: inTheWay, up });
  };
  return (
    <section aria-label={tr`Between polarisers`}>
      <h2 className="text-xl">{tr`Between polarisers`}</h2>
      <div className="mt-1 flex flex-wrap items-end gap-3">
        <div className="w-28">
          <QuantityField
            label={tr`Looked at, up`}
            kind="length"
            value={up}
            min={LIMITS.measure.minimum}
            max={whole.height}
            onCommit={(v) => {
              setUp(v);
              setNm(undefined);
              setThrough(undefined);
            }}
          />
        </div>
        <div className="w-32">
          <QuantityField
            label={tr`Glass in the way`}
            kind="length"
            value={inTheWay}
            within={LIMITS.measure}
            onCommit={setThrough}
          />
        </div>
        <div className="w-24">
          <CountField
            label={tr`Seen, nm`}
            value={Math.round(seen ?? 0)}
            within={LIMITS.retarded}
            onCommit={keep}
          />
        </div>
      </div>
      <div role="group" aria-label={tr`The colour that was seen`} className="mt-2 flex flex-wrap">
        {COLOURS_SEEN.map((c) => {
          const [r, g, b] = interferenceColour(c.nm, 0, 0);
          const on = seen === c.nm;
          return (
            <button
              key={c.says()}
              type="button"
              aria-pressed={on}
              className={`flex w-[4.2rem] flex-col items-center py-1 text-xs ${on ? 'outline-2 outline-(--chalk)' : ''}`}
              onClick={() => {
                keep(c.nm);
              }}
            >
              <span
                className="border-base-300 h-7 w-full border"
                style={{ background: `rgb(${String(r)} ${String(g)} ${String(b)})` }}
              />
              {c.says()}
            </button>
          );
        })}
      </div>
      {stress !== undefined && (
        <p className="mt-2 text-lg leading-snug">
          {trNodes`${(<b className="num">{printText(stress, 'stress', units)}</b>)} on the way through`}
          {left === undefined ? (
            '.'
          ) : (
            <>
              {trNodes`; its night as planned leaves ${(<span className="num">{printText(left, 'stress', units)}</span>)} at most. `}
              {stress > MORE * left
                ? tr`More than its night leaves: the box ran otherwise, or a colour pulls.`
                : tr`As its night leaves it.`}
            </>
          )}
        </p>
      )}
      {told.length > 1 && (
        <ul className="quiet">
          {told.map((p) => (
            <li key={p.id}>
              {p.up !== undefined && tr`${printText(p.up, 'length', units)} up: `}
              <span className="num">{tr`${shownNumber(p.nm, 0)} nm`}</span>,{' '}
              <span className="num">
                {printText(stressSeen(p.nm, p.through, main.glass.stressOptical), 'stress', units)}
              </span>
            </li>
          ))}
        </ul>
      )}
      <p className="quiet text-sm leading-snug">{tr`Without a tint plate, σ = δ/(C·t) (ASTM C148). What is seen is summed up along the way: where it is pulled and pressed alike it shows nothing.`}</p>
    </section>
  );
}
