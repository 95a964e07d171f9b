// From above: a piece of sheet and frit as it is laid on the shelf, what it settles to, and what of it holds together.
import type { PieceLaid, PieceLaidShape } from '@zanfirico/contract';
import { areaOf, boundsOf, meetings, printText, SHEET, type FiredPiece } from '@zanfirico/core';
import { useMemo, useState } from 'react';
import { sentenceOf } from '../../../api/client';
import { useAnnealers } from '../../../annealing/useTonightBox';
import { QuantityField } from '../../../fields/QuantityField';
import { figureFromSvg } from '../../../imports/figureFromSvg';
import { SVG_LIMIT } from '../../../imports/svgLines';
import { tooBig } from '../../../imports/tooBig';
import { VerdictWord } from '../../../marks/Verdict';
import { FileButton } from '../../../shell/FileButton';
import { useDisplay } from '../../../stores/display';
import { useNotices } from '../../../stores/notices';
import { useRack } from '../../../stores/theRack';
import { usePiece } from '../usePiece';
import { AboveDrawing } from './AboveDrawing';
import { changeKiln, freshId } from './changeKiln';
import { CutThrough } from './CutThrough';
import { LaidFields } from './LaidFields';
import { lookOfLaid, nameOfLaid, ofLaid } from './laidLook';

/** What is laid by a key. */
const ADDS: readonly {
  readonly says: string;
  readonly as: PieceLaid['as'];
  readonly thickness: number;
  readonly shape: PieceLaidShape;
}[] = [
  { says: 'Round', as: 'sheet', thickness: SHEET, shape: { kind: 'round', across: 0.08 } },
  {
    says: 'Rectangle',
    as: 'sheet',
    thickness: SHEET,
    shape: { kind: 'rect', width: 0.1, deep: 0.06 },
  },
  { says: 'Strip', as: 'strip', thickness: SHEET, shape: { kind: 'rect', width: 0.01, deep: 0.2 } },
  {
    says: 'Stringer',
    as: 'stringer',
    thickness: 0.002,
    shape: { kind: 'rect', width: 0.002, deep: 0.2 },
  },
  { says: 'Frit', as: 'frit', thickness: 0.003, shape: { kind: 'round', across: 0.05 } },
  { says: 'Powder', as: 'powder', thickness: 0.0005, shape: { kind: 'round', across: 0.05 } },
];
const MOST = 500;

export function AboveSheet() {
  const { document, glass, facts, derived } = usePiece();
  const units = useDisplay((s) => s.units);
  const [chosen, setChosen] = useState<string>();
  const annealers = useAnnealers();
  const { kiln } = document;
  const { rack } = facts;
  const fired = derived.ok ? derived.fired : undefined;
  const looks = useMemo(
    () =>
      (kiln?.laid ?? []).map((l) => lookOfLaid(rack.colour(l.of ?? document.glass), l.thickness)),
    [kiln, rack, document.glass],
  );
  const names = useMemo(
    () =>
      (kiln?.laid ?? []).map((l) =>
        nameOfLaid(l, rack.colour(l.of ?? document.glass)?.name ?? 'not in the rack', units),
      ),
    [kiln, rack, document.glass, units],
  );
  if (!kiln || kiln.cast)
    return <p className="px-6 py-16">This piece is not laid from sheet: see its Section.</p>;
  const inHand = kiln.laid.find((l) => l.id === chosen);
  const box = annealers.find((a) => a.name === document.firing.annealer);
  const add = (l: Omit<PieceLaid, 'id' | 'x' | 'y' | 'turn'>): void => {
    const id = freshId(kiln);
    changeKiln((k) => ({ ...k, laid: [...k.laid, { id, x: 0, y: 0, turn: 0, ...l }] }));
    setChosen(id);
  };
  const takeSvg = (file: File): void => {
    const { trouble } = useNotices.getState();
    const big = tooBig(file, SVG_LIMIT, 'Simplify the drawing.');
    if (big !== undefined) {
      trouble(big);
      return;
    }
    file.text().then(
      (text) => {
        try {
          const lines = figureFromSvg(text, 0.1).filter((l) => l.length >= 3);
          const closed = lines.filter((l) => areaOf(l.map(([x, y]) => ({ x, y }))) > 1e-7);
          if (closed.length === 0) {
            trouble('This drawing has no shape that encloses anything: close its lines.');
            return;
          }
          changeKiln((k) => {
            let next = k;
            for (const l of closed)
              next = {
                ...next,
                laid: [
                  ...next.laid,
                  {
                    id: freshId(next),
                    as: 'sheet',
                    thickness: SHEET,
                    shape: { kind: 'outline', points: l.map(([x, y]) => ({ x, y })) },
                    x: 0,
                    y: 0,
                    turn: 0,
                  },
                ],
              };
            return next;
          });
        } catch (error) {
          trouble(sentenceOf(error));
        }
      },
      (error: unknown) => {
        trouble(sentenceOf(error));
      },
    );
  };
  return (
    <div className="flex h-full flex-col lg:flex-row">
      <div className="flex min-w-0 flex-1 flex-col">
        <div className="flex flex-wrap items-center gap-1 px-5 py-1">
          <span className="quiet mr-1">Lay</span>
          {ADDS.map(({ says, ...laid }) => (
            <button
              key={says}
              type="button"
              className="btn btn-outline btn-sm"
              disabled={kiln.laid.length >= MOST}
              onClick={() => {
                add(laid);
              }}
            >
              {says}
            </button>
          ))}
          <FileButton
            label="A drawing in SVG, laid 100 mm wide"
            accept=".svg,image/svg+xml"
            className="btn btn-ghost btn-sm"
            onFile={takeSvg}
          >
            From a drawing
          </FileButton>
        </div>
        <div className="min-h-[300px] flex-1">
          <AboveDrawing
            laid={kiln.laid}
            looks={looks}
            names={names}
            fired={fired}
            chosen={chosen}
            shelf={box}
            onChoose={setChosen}
          />
        </div>
        {fired && (
          <div className="h-44 shrink-0">
            <CutThrough fired={fired} mould={undefined} />
          </div>
        )}
      </div>
      <div className="border-base-300 w-full shrink-0 overflow-y-auto border-l px-5 py-3 lg:h-[calc(100dvh-11.05rem)] lg:w-[23rem]">
        {fired ? <Settles fired={fired} shelf={box} /> : <p>Nothing is laid on the shelf yet.</p>}
        {inHand ? (
          <LaidFields
            key={inHand.id}
            kiln={kiln}
            laid={inHand}
            glassName={glass.name}
            onChoose={setChosen}
          />
        ) : (
          <p className="quiet mt-2 text-sm">Take something on the drawing, or in the list.</p>
        )}
        <h3 className="mt-3 text-lg">From the top down</h3>
        <ul>
          {[...kiln.laid].reverse().map((l) => {
            const i = kiln.laid.indexOf(l);
            return (
              <li key={l.id}>
                <button
                  type="button"
                  className={`flex min-h-7 w-full items-center gap-2 text-left leading-tight ${l.id === chosen ? 'text-primary' : ''}`}
                  aria-pressed={l.id === chosen}
                  onClick={() => {
                    setChosen(l.id);
                  }}
                >
                  <span
                    className="border-base-content/40 size-4 shrink-0 border"
                    style={{ background: looks[i] }}
                  />
                  {names[i]}
                </button>
              </li>
            );
          })}
        </ul>
        <div className="mt-2 grid grid-cols-2 gap-x-5">
          <QuantityField
            label="Dams round it stand"
            hint={kiln.dam === undefined ? 'none' : ''}
            kind="length"
            value={kiln.dam ?? 0}
            min={0}
            max={0.6}
            nudge={0.001}
            onCommit={(dam) => {
              changeKiln(({ dam: _, ...k }) => (dam >= 0.002 ? { ...k, dam } : k));
            }}
          />
        </div>
        <Holds fired={fired} laid={kiln.laid} />
      </div>
    </div>
  );
}

/** What it comes to, in one sentence and its figures. */
function Settles({
  fired,
  shelf,
}: {
  readonly fired: FiredPiece;
  readonly shelf:
    { readonly width: number; readonly depth: number; readonly name: string } | undefined;
}) {
  const units = useDisplay((s) => s.units);
  const { last } = usePiece();
  const { document } = usePiece();
  const mm = (v: number): string => printText(v, 'length', units);
  const flat = fired.firings.findLast((f) => f.aim !== 'slump' && f.aim !== 'drape');
  const went = flat?.went ?? 0;
  const dam = document.kiln?.dam;
  const b = boundsOf([fired.outlineAfter]);
  const [across, along] = [b.right - b.left, b.far - b.near];
  const high = Math.max(fired.laidThick, flat?.middle ?? 0, flat?.edge ?? 0);
  return (
    <div>
      <h2 className="text-2xl leading-tight">
        {Math.abs(went) < 5e-4
          ? 'It keeps its outline'
          : went < 0
            ? `It draws in ${mm(-went)} all round`
            : `It spreads ${mm(went)} all round`}
      </h2>
      <p className="mt-1 leading-snug">
        Laid <b className="num">{mm(fired.laidThick)}</b> thick; fired{' '}
        <b className="num">{mm(flat?.middle ?? fired.thick)}</b> in the middle,{' '}
        <b className="num">{mm(flat?.edge ?? fired.thick)}</b> at its edge;{' '}
        <b className="num">{printText(last?.whole.mass ?? 0, 'mass', units)}</b> of glass.
      </p>
      {dam !== undefined && (
        <p className="mt-1 leading-snug">
          {dam < high
            ? `The dams stand ${mm(dam)}: the glass behind them stands ${mm(high)} and runs over.`
            : `Behind its dams are ${printText(fired.volume, 'volume', units)} of glass; they hold it.`}
        </p>
      )}
      {shelf && (across > shelf.width || along > shelf.depth) && (
        <p role="alert" className="text-warning mt-1 leading-snug">
          Fired it is {mm(across)} × {mm(along)}; the shelf of {shelf.name} is {mm(shelf.width)} ×{' '}
          {mm(shelf.depth)}: it does not lie on it.
        </p>
      )}
      {fired.bare > 0.03 && (
        <p className="mt-1 leading-snug">
          {Math.round(100 * fired.bare)} of 100 parts within its outline are bare shelf: gaps close
          only where glass runs into them.
        </p>
      )}
      <p className="quiet mt-1 text-sm leading-snug">
        By its own viscosity; an edge is good to half as much again.
      </p>
    </div>
  );
}

/** Every meeting of glasses, the worst first. */
function Holds({
  fired,
  laid,
}: {
  readonly fired: FiredPiece | undefined;
  readonly laid: readonly PieceLaid[];
}) {
  const { document } = usePiece();
  const units = useDisplay((s) => s.units);
  const rack = useRack((s) => s.rack);
  const tolerance = document.fit?.tolerance ?? 2e-7;
  const found = useMemo(() => {
    if (!fired) return [];
    try {
      return meetings(laid, fired.above, (id) => ofLaid(rack, document.glass, id), {
        tolerance,
        tested: (a, b) => rack.tested(a, b)?.value,
      });
    } catch (error) {
      return sentenceOf(error);
    }
  }, [fired, laid, rack, document.glass, tolerance]);
  if (typeof found === 'string')
    return (
      <p role="alert" className="alert alert-error mt-3">
        {found}
      </p>
    );
  return (
    <section className="mt-4">
      <h3 className="text-lg">What holds together</h3>
      {found.length === 0 && <p className="quiet text-sm">All of it is one glass.</p>}
      <ul className="mt-1 flex flex-col gap-2">
        {found.slice(0, 12).map((m, i) => (
          <li key={i} className="leading-snug">
            <VerdictWord
              verdict={
                m.softens && m.fit.verdict.verdict === 'good' ? 'watch' : m.fit.verdict.verdict
              }
            />{' '}
            {m.names
              .map((n, k) => `${n} ${printText(m.thick[k] ?? 0, 'length', units)}`)
              .join(m.how === 'stacked' ? ' under ' : ' beside ')}
            <span className="quiet text-sm">
              {' '}
              · by stress <span className="num">
                {printText(m.fit.tension, 'stress', units)}
              </span>{' '}
              {m.fit.byStress.verdict}, by number {m.fit.byNumber.verdict}
              {m.softens !== undefined && ` · ${m.softens}`}
              {m.reacts !== undefined && ` · ${m.reacts}`}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
