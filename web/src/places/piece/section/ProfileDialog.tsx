// Reading a profile from a file: an SVG line with a chosen scale and axis, or a table of points.
import { LIMITS } from '@zanfirico/contract';
import type { ProfilePoint } from '@zanfirico/contract/piece';
import { measurePart, profileSpan } from '@zanfirico/core/form';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Choice } from '../../../fields/Choice';
import { QuantityField } from '../../../fields/QuantityField';
import { useFields } from '../../../fields/useFields';
import { profileFromCsv } from '../../../imports/profileFromCsv';
import { profileFromLine, type ProfileReading } from '../../../imports/profileFromSvg';
import { boxOfPoints, flatLine, SVG_LIMIT, type SvgDrawing } from '../../../imports/svgLines';
import { sentenceOf } from '../../../api/client';
import { tooBig } from '../../../imports/tooBig';
import { Dialog } from '../../../shell/Dialog';
import { useDisplay } from '../../../stores/display';
import { setProfile } from '../../../stores/draft';
import type { RunningWork } from '../../../workers/remote';
import { startSvg } from '../../../workers/workers';
import { usePiece } from '../usePiece';
import { TroubleLine } from '../../../marks/TroubleLine';

type Source =
  | { readonly kind: 'svg'; readonly drawing: SvgDrawing }
  | { readonly kind: 'csv'; readonly text: string };

/** A line this near to its own axis at x = 0 was drawn about it, units. */
const ABOUT_ZERO = 0.5;

type LineReading = ProfileReading & { readonly line: number };

/** Which line of a drawing, how large, about which axis, with what wall. */
function SvgFields({
  drawing,
  reading,
  set,
  tall,
}: {
  readonly drawing: SvgDrawing;
  readonly reading: LineReading;
  readonly set: (change: Partial<LineReading>) => void;
  readonly tall: number | undefined;
}) {
  const { line } = reading;
  return (
    <div className="mt-3 flex gap-6">
      <Preview
        drawing={drawing}
        chosen={line}
        onChoose={(i) => {
          set({ line: i });
        }}
      />
      <div className="flex flex-1 flex-col gap-2">
        <div className="grid grid-cols-2 gap-x-4">
          {tall !== undefined && tall > 0 && (
            <QuantityField
              label={tr`So tall`}
              kind="length"
              value={tall}
              min={0.001}
              max={2}
              onCommit={(wanted) => {
                set({ mmPerUnit: (reading.mmPerUnit * wanted) / tall });
              }}
            />
          )}
          <QuantityField
            label={tr`One unit is`}
            kind="length"
            value={reading.mmPerUnit / 1e3}
            min={1e-6}
            max={1}
            onCommit={(v) => {
              set({ mmPerUnit: v * 1e3 });
            }}
          />
        </div>
        <Choice
          legend={tr`The axis runs`}
          value={reading.axis}
          options={[
            { value: 'left', label: tr`at its left edge` },
            { value: 'right', label: tr`at its right edge` },
            { value: 'zero', label: tr`at x = 0` },
          ]}
          onChange={(axis) => {
            set({ axis });
          }}
        />
        {drawing.lines[line]?.walls === undefined && (
          <div className="w-32">
            <QuantityField
              label={tr`Wall all over`}
              kind="length"
              value={reading.wall}
              within={LIMITS.wall}
              nudge={1e-4}
              onCommit={(wall) => {
                set({ wall });
              }}
            />
          </div>
        )}
        {drawing.leftOut.length > 0 && (
          <p className="quiet text-sm">{tr`Left out: ${drawing.leftOut.join(', ')}. Only lines are taken.`}</p>
        )}
      </div>
    </div>
  );
}

export function ProfileDialog({
  part,
  onClose,
}: {
  readonly part: number;
  readonly onClose: () => void;
}) {
  const { document } = usePiece();
  const units = useDisplay((s) => s.units);
  const profile = document.parts[part]?.profile ?? [];
  const name = document.parts[part]?.name ?? '';
  const [source, setSource] = useState<Source>();
  const [failure, setFailure] = useState<string>();
  const [reading, set] = useFields<LineReading>({
    line: 0,
    mmPerUnit: 1,
    axis: 'left',
    wall: profile[Math.floor(profile.length / 2)]?.wall ?? 0.003,
    lowest: profileSpan(profile)[0],
  });

  const { line } = reading;

  // What is being read now: another file, Stop or the dialog's end stops it.
  const under = useRef<RunningWork<SvgDrawing>>(undefined);
  const [busy, setBusy] = useState(false);
  const stop = (): void => {
    under.current?.stop();
    under.current = undefined;
    setBusy(false);
  };
  useEffect(() => () => under.current?.stop(), []);

  const take = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    stop();
    setFailure(undefined);
    setSource(undefined);
    const big = tooBig(file, SVG_LIMIT, tr`Save only the line you need.`);
    if (big !== undefined) {
      setFailure(big);
      return;
    }
    const text = await file.text();
    if (!/^\s*(<\?xml|<svg|<!)/i.test(text)) {
      setSource({ kind: 'csv', text });
      return;
    }
    try {
      const work = startSvg(text);
      under.current = work;
      setBusy(true);
      const drawing = await work.done;
      if (!drawing || under.current !== work) return;
      // The longest line is most likely the outside; our own files write theirs with walls.
      const own = drawing.lines.findIndex((l) => l.walls !== undefined);
      const longest = drawing.lines.reduce(
        (best, l, i) => (l.cubics.length > (drawing.lines[best]?.cubics.length ?? 0) ? i : best),
        0,
      );
      const chosen = own >= 0 ? own : longest;
      set({
        line: chosen,
        mmPerUnit: drawing.mmPerUnit,
        axis: drawing.lines[chosen]?.cubics.some(
          (c) => Math.abs(c[0]) < ABOUT_ZERO || Math.abs(c[6]) < ABOUT_ZERO,
        )
          ? 'zero'
          : 'left',
        lowest: own >= 0 ? undefined : profileSpan(profile)[0],
      });
      setSource({ kind: 'svg', drawing });
      setBusy(false);
    } catch (error) {
      setBusy(false);
      setFailure(sentenceOf(error));
    }
  };

  const read = useMemo((): { points?: ProfilePoint[]; problem?: string } => {
    if (!source) return {};
    try {
      const chosen = source.kind === 'svg' ? source.drawing.lines[line] : undefined;
      if (source.kind === 'csv') return { points: profileFromCsv(source.text, reading.wall) };
      return chosen ? { points: profileFromLine(chosen, reading) } : {};
    } catch (error) {
      return { problem: sentenceOf(error) };
    }
  }, [source, line, reading]);
  const form = read.points && measurePart({ ...document.parts[part], profile: read.points });
  const span = read.points && profileSpan(read.points);
  const tall = span && span[1] - span[0];
  const problem =
    failure ?? read.problem ?? (form && !form.ok ? form.problems[0]?.message : undefined);

  return (
    <Dialog
      title={tr`Read a profile for ${name}`}
      onClose={onClose}
      actions={
        <button
          type="button"
          className="btn btn-primary"
          disabled={!read.points}
          onClick={() => {
            if (read.points) setProfile(part, read.points);
            onClose();
          }}
        >
          {tr`Put it on the board`}
        </button>
      }
    >
      <p className="mt-2 leading-snug">{tr`An SVG with the outside as one open line from the middle of the base to the lip, or a table (CSV) with the columns height, radius and wall.`}</p>
      <input
        type="file"
        className="file-input file-input-sm mt-3"
        accept=".svg,.csv,.txt,image/svg+xml,text/csv"
        aria-label={tr`Profile file`}
        onChange={(e) => void take(e.target.files?.[0])}
      />
      {busy && (
        <p className="mt-2" role="status">
          {tr`Being read … `}
          <button type="button" className="btn btn-sm btn-outline ml-2" onClick={stop}>
            {tr`Stop`}
          </button>
        </p>
      )}
      {problem !== undefined && <TroubleLine className="mt-3">{problem}</TroubleLine>}
      {source?.kind === 'svg' && (
        <SvgFields drawing={source.drawing} reading={reading} set={set} tall={tall} />
      )}
      {read.points && form?.ok === true && (
        <p className="mt-3">
          {tr`${read.points.length} points, ${printText(form.shape.height, 'length', units)} high, ⌀ ${printText(2 * form.shape.widest, 'length', units)}`}
          .
        </p>
      )}
    </Dialog>
  );
}

function Preview({
  drawing,
  chosen,
  onChoose,
}: {
  readonly drawing: SvgDrawing;
  readonly chosen: number;
  readonly onChoose: (line: number) => void;
}) {
  const flat = useMemo(() => drawing.lines.map((l) => flatLine(l, 6)), [drawing]);
  const [x0, x1, y0, y1] = boxOfPoints(flat.flat());
  const size = Math.max(x1 - x0, y1 - y0, 1e-9);
  const d = (points: readonly (readonly [number, number])[]): string =>
    points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${String(x)} ${String(y)}`).join('');
  return (
    <div className="w-44 shrink-0">
      <svg
        viewBox={`${String(x0 - size * 0.05)} ${String(y0 - size * 0.05)} ${String(x1 - x0 + size * 0.1)} ${String(y1 - y0 + size * 0.1)}`}
        className="h-44 w-full bg-(--board)"
        role="img"
        aria-label={tr`The drawing; the line taken is lit`}
      >
        {flat.map((points, i) => (
          <path
            key={i}
            d={d(points)}
            fill="none"
            vectorEffect="non-scaling-stroke"
            stroke={i === chosen ? 'var(--color-primary)' : 'var(--chalk-dim)'}
            strokeWidth={i === chosen ? 2.5 : 1}
          />
        ))}
      </svg>
      {drawing.lines.length > 1 && (
        <label className="mt-1 flex items-baseline gap-2">
          <span className="quiet text-sm">{tr`Line`}</span>
          <select
            className="select"
            value={chosen}
            onChange={(e) => {
              onChoose(Number(e.target.value));
            }}
          >
            {drawing.lines.slice(0, 200).map((l, i) => (
              <option key={i} value={i}>
                {tr`${i + 1}: ${l.cubics.length} spans${l.closed ? tr`, closed` : ''}`}
              </option>
            ))}
          </select>
        </label>
      )}
    </div>
  );
}
