// What was found on a piece, marked where it is on its section: a tap sets the place, a word says what it is.
import type { Flaw } from '@zanfirico/contract/making';
import { LIMITS } from '@zanfirico/contract';
import { FLAWS, whereOn, type Morning } from '@zanfirico/core/log';
import type { Derived } from '@zanfirico/core/piece';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useRef, useState, type MouseEvent } from 'react';
import type { Happens } from '../../making/useMaking';
import { QuantityField } from '../../fields/QuantityField';
import { SelectField } from '../../fields/SelectField';
import { glassPath, linePath, toX, toY, type FittedSheet } from '../../marks/outline';
import { useDisplay } from '../../stores/display';

interface Props {
  readonly derived: Extract<Derived, { ok: true }>;
  readonly morning: Morning;
  readonly onHappen: (what: Happens) => void;
}

const SAYS: Readonly<Record<Flaw, string>> = {
  origin: tr`where the break began`,
  check: 'check',
  seed: 'seed',
  stone: 'stone',
  cord: 'cord',
  'chill mark': tr`chill mark`,
  scar: 'scar',
  thin: tr`too thin`,
  thick: tr`too thick`,
  sagged: 'sagged',
  'colour ran': tr`colour ran`,
};
const SIZE = { width: 300, height: 300 };
const PAD = 16;
/** A mark, px. */
const MARK = 7;

/** The whole section on a small sheet. */
function sheetOf({ whole }: Props['derived']): FittedSheet {
  const scale = Math.min(
    (SIZE.width - 2 * PAD) / (2 * whole.widest),
    (SIZE.height - 2 * PAD) / whole.height,
  );
  const spare = SIZE.height - whole.height * scale;
  return { axis: SIZE.width / 2, table: SIZE.height - spare / 2 + whole.lowest * scale, scale };
}

const tenth = (v: number): number => Math.round(v * 10_000) / 10_000;

export function FlawsOn({ derived, morning, onHappen }: Props) {
  const units = useDisplay((s) => s.units);
  const svg = useRef<SVGSVGElement>(null);
  const [what, setWhat] = useState<Flaw>(morning.outcome === 'lost' ? 'origin' : 'seed');
  const [at, setAt] = useState({
    out: tenth(derived.whole.widest),
    height: tenth(derived.whole.lowest + derived.whole.height / 2),
  });
  const sheet = sheetOf(derived);
  const tapped = (e: MouseEvent): void => {
    const box = svg.current?.getBoundingClientRect();
    if (!box || box.width === 0) return;
    const x = ((e.clientX - box.left) / box.width) * SIZE.width;
    const y = ((e.clientY - box.top) / box.height) * SIZE.height;
    setAt({
      out: tenth((x - sheet.axis) / sheet.scale),
      height: tenth((sheet.table - y) / sheet.scale),
    });
  };
  const mark = (): void => {
    onHappen({ kind: 'flaw', what, ...at });
    const where = what === 'origin' ? whereOn(derived, at.out, at.height) : undefined;
    // The place says where it began; what else was seen stands.
    if (where !== undefined) onHappen({ kind: 'broke', ...morning.broke, where });
  };
  const cross = (out: number, height: number): string => {
    const [x, y] = [sheet.axis + out * sheet.scale, toY(sheet, height)];
    return `M${String(x - MARK)} ${String(y - MARK)}l${String(2 * MARK)} ${String(2 * MARK)}m0 ${String(-2 * MARK)}l${String(-2 * MARK)} ${String(2 * MARK)}`;
  };
  return (
    <section aria-label={tr`Marked on the section`}>
      <h2 className="text-xl">{tr`Marked on the section`}</h2>
      <div className="mt-1 flex flex-wrap gap-4">
        <svg
          ref={svg}
          viewBox={`0 0 ${String(SIZE.width)} ${String(SIZE.height)}`}
          className="w-full max-w-[300px] shrink-0 cursor-crosshair bg-(--board)"
          role="img"
          aria-label={tr`Its section with ${morning.flaws.length} marks; the fields beside it set a place by numbers`}
          onClick={tapped}
        >
          {derived.parts.map(({ shape, index }) => (
            <g key={index}>
              <path d={glassPath(shape, sheet, -1)} fill="var(--glass)" fillOpacity={0.35} />
              <path d={glassPath(shape, sheet, 1)} fill="var(--glass)" fillOpacity={0.35} />
              {([-1, 1] as const).map((side) => (
                <path
                  key={side}
                  d={linePath(shape.outer, sheet, side)}
                  fill="none"
                  stroke="var(--chalk)"
                  strokeWidth={1.25}
                />
              ))}
            </g>
          ))}
          <line
            x1={toX(sheet, 1, 0)}
            x2={toX(sheet, 1, 0)}
            y1={0}
            y2={SIZE.height}
            stroke="var(--chalk)"
            strokeOpacity={0.3}
            strokeDasharray="6 3 1 3"
          />
          {morning.flaws.map((f, i) => (
            <g key={f.id}>
              <path
                d={cross(f.out, f.height)}
                stroke="var(--color-primary)"
                strokeWidth={2.5}
                fill="none"
              />
              <text
                x={sheet.axis + f.out * sheet.scale + MARK + 3}
                y={toY(sheet, f.height) + 5}
                fontSize={14}
                fill="var(--chalk)"
              >
                {i + 1}
              </text>
            </g>
          ))}
          <circle
            cx={sheet.axis + at.out * sheet.scale}
            cy={toY(sheet, at.height)}
            r={MARK}
            fill="none"
            stroke="var(--chalk)"
            strokeWidth={1.5}
          />
        </svg>
        <div className="min-w-44 flex-1">
          <p className="quiet text-sm leading-snug">{tr`Tap its place, say what it is.`}</p>
          <SelectField label={tr`What`} value={what} onChange={setWhat}>
            {FLAWS.map((f) => (
              <option key={f} value={f}>
                {SAYS[f]}
              </option>
            ))}
          </SelectField>
          <div className="mt-1 flex gap-2">
            {(['out', 'height'] as const).map((of) => (
              <div key={of} className="w-24">
                <QuantityField
                  label={of === 'out' ? tr`from the axis` : tr`height`}
                  kind="length"
                  value={at[of]}
                  within={LIMITS.coordinate}
                  onCommit={(v) => {
                    setAt({ ...at, [of]: v });
                  }}
                />
              </div>
            ))}
          </div>
          <button type="button" className="btn btn-outline btn-sm mt-2" onClick={mark}>
            {tr`Mark it`}
          </button>
          {morning.flaws.length > 0 && (
            <ol aria-label={tr`Marks`} className="mt-2 list-decimal pl-5 leading-snug">
              {morning.flaws.map((f) => (
                <li key={f.id}>
                  {SAYS[f.what]}{' '}
                  <span className="quiet num">
                    {tr`${printText(f.height - derived.whole.lowest, 'length', units)} up`}
                  </span>{' '}
                  <button
                    type="button"
                    className="link text-sm"
                    onClick={() => {
                      onHappen({ kind: 'taken back', event: f.id });
                    }}
                  >
                    {tr`not so`}
                  </button>
                </li>
              ))}
            </ol>
          )}
        </div>
      </div>
    </section>
  );
}
