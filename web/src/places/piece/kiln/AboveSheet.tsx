// From above: a piece of sheet and frit as it is laid on the shelf, what it settles to, and what of it holds together.
import type { Laid, LaidShape } from '@zanfirico/contract/kiln';
import { withChanges } from '@zanfirico/core/edits';
import { areaOf, SHEET } from '@zanfirico/core/kiln';
import { tr } from '@zanfirico/core/words';
import { useMemo, useState } from 'react';
import { sentenceOf } from '../../../api/client';
import { useAnnealers } from '../../../night/useTonightBox';
import { QuantityField } from '../../../fields/QuantityField';
import { figureFromSvg } from '../../../imports/figureFromSvg';
import { SVG_LIMIT } from '../../../imports/svgLines';
import { tooBig } from '../../../imports/tooBig';
import { FileButton } from '../../../shell/FileButton';
import { useDisplay } from '../../../stores/display';
import { useNotices } from '../../../stores/notices';
import { usePiece } from '../usePiece';
import { AboveDrawing } from './AboveDrawing';
import { changeKiln, freshId } from './changeKiln';
import { CutThrough } from './CutThrough';
import { HoldsFields } from './Holds';
import { LaidFields } from './LaidFields';
import { Settles } from './Settles';
import { lookOfLaid, nameOfLaid, ofLaid } from './laidLook';

/** What is laid by a key. */
const ADDS: readonly {
  readonly says: string;
  readonly as: Laid['as'];
  readonly thickness: number;
  readonly shape: LaidShape;
}[] = [
  { says: tr`Round`, as: 'sheet', thickness: SHEET, shape: { kind: 'round', across: 0.08 } },
  {
    says: tr`Rectangle`,
    as: 'sheet',
    thickness: SHEET,
    shape: { kind: 'rect', width: 0.1, deep: 0.06 },
  },
  {
    says: tr`Strip`,
    as: 'strip',
    thickness: SHEET,
    shape: { kind: 'rect', width: 0.01, deep: 0.2 },
  },
  {
    says: tr`Stringer`,
    as: 'stringer',
    thickness: 0.002,
    shape: { kind: 'rect', width: 0.002, deep: 0.2 },
  },
  { says: tr`Frit`, as: 'frit', thickness: 0.003, shape: { kind: 'round', across: 0.05 } },
  { says: tr`Powder`, as: 'powder', thickness: 0.0005, shape: { kind: 'round', across: 0.05 } },
];
const MOST = 500;

/** Lays every closed line of a drawing. */
function takeSvg(file: File): void {
  const { trouble } = useNotices.getState();
  const big = tooBig(file, SVG_LIMIT, tr`Simplify the drawing.`);
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
          trouble(tr`This drawing has no shape that encloses anything: close its lines.`);
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
}

/** What lies there, from the top down. */
function LaidList({
  laid,
  looks,
  names,
  chosen,
  onChoose,
}: {
  readonly laid: readonly Laid[];
  readonly looks: readonly string[];
  readonly names: readonly string[];
  readonly chosen: string | undefined;
  readonly onChoose: (id: string) => void;
}) {
  return (
    <ul>
      {[...laid].reverse().map((l) => {
        const i = laid.indexOf(l);
        return (
          <li key={l.id}>
            <button
              type="button"
              className={`flex min-h-7 w-full items-center gap-2 text-left leading-tight ${l.id === chosen ? 'text-primary' : ''}`}
              aria-pressed={l.id === chosen}
              onClick={() => {
                onChoose(l.id);
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
  );
}

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
      (kiln?.laid ?? []).map((l) => lookOfLaid(ofLaid(rack, document.glass, l.of), l.thickness)),
    [kiln, rack, document.glass],
  );
  const names = useMemo(
    () =>
      (kiln?.laid ?? []).map((l) =>
        nameOfLaid(l, ofLaid(rack, document.glass, l.of)?.name ?? tr`not in the rack`, units),
      ),
    [kiln, rack, document.glass, units],
  );
  if (!kiln || kiln.cast)
    return <p className="px-6 py-16">{tr`This piece is not laid from sheet: see its Section.`}</p>;
  const inHand = kiln.laid.find((l) => l.id === chosen);
  const box = annealers.find((a) => a.name === document.firing.annealer);
  const add = (l: Omit<Laid, 'id' | 'x' | 'y' | 'turn'>): void => {
    const id = freshId(kiln);
    changeKiln((k) => ({ ...k, laid: [...k.laid, { id, x: 0, y: 0, turn: 0, ...l }] }));
    setChosen(id);
  };
  return (
    <div className="flex h-full flex-col lg:flex-row">
      <div className="flex min-w-0 flex-1 flex-col">
        <div className="flex flex-wrap items-center gap-1 px-5 py-1">
          <span className="quiet mr-1">{tr`Lay`}</span>
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
            label={tr`A drawing in SVG, laid 100 mm wide`}
            accept=".svg,image/svg+xml"
            className="btn btn-ghost btn-sm"
            onFile={takeSvg}
          >
            {tr`From a drawing`}
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
        {fired ? (
          <Settles fired={fired} shelf={box} />
        ) : (
          <p>{tr`Nothing is laid on the shelf yet.`}</p>
        )}
        {inHand ? (
          <LaidFields
            key={inHand.id}
            kiln={kiln}
            laid={inHand}
            glassName={glass.name}
            onChoose={setChosen}
          />
        ) : (
          <p className="quiet mt-2 text-sm">{tr`Take something on the drawing, or in the list.`}</p>
        )}
        <h3 className="mt-3 text-lg">{tr`From the top down`}</h3>
        <LaidList
          laid={kiln.laid}
          looks={looks}
          names={names}
          chosen={chosen}
          onChoose={setChosen}
        />
        <div className="mt-2 grid grid-cols-2 gap-x-5">
          <QuantityField
            label={tr`Dams round it stand`}
            hint={kiln.dam === undefined ? tr`none` : ''}
            kind="length"
            value={kiln.dam ?? 0}
            min={0}
            max={0.6}
            nudge={0.001}
            onCommit={(dam) => {
              changeKiln((k) => withChanges(k, { dam: dam >= 0.002 ? dam : undefined }));
            }}
          />
        </div>
        <HoldsFields fired={fired} laid={kiln.laid} />
      </div>
    </div>
  );
}
