// Its firings: each in one programme, what it does in millimetres, what ten degrees more would; slumped into what; cast with how much; sent to the box.
import { LIMITS } from '@zanfirico/contract';
import { outlineBounds } from '@zanfirico/core/kiln';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { lazy, Suspense } from 'react';
import { Caution } from '../../../night/Caution';
import { QuantityField } from '../../../fields/QuantityField';
import { useBoard } from '../../../stores/board';
import { useDisplay } from '../../../stores/display';
import { AnnealerSelect } from '../AnnealerSelect';
import { usePiece } from '../usePiece';
import { CastFields, CastWords } from './Casting';
import { changeKiln } from './changeKiln';
import { CutThrough } from './CutThrough';
import { FiringFields, MoreFirings } from './FiringFields';
import { MouldFields } from './MouldFields';
import { OneFiring } from './OneFiring';
import { OtherLines } from './OtherLines';
import { SHELF_BEARS } from '@zanfirico/core/piece';

const TurningView = lazy(async () => ({
  default: (await import('../../../marks/turning/TurningView')).TurningView,
}));

/** Paper reaches so far past the glass all round, m. Common practice, no source. */
const PAPER_ROUND = 0.01;

export function FiringSheet() {
  const units = useDisplay((s) => s.units);
  const { document, derived, last, carried, firings } = usePiece();
  const { programmed, bears, box } = firings;
  const turning = useBoard((s) => s.turning);
  const { kiln } = document;
  if (!kiln) return <p className="px-6 py-16">{tr`This piece is not made in the kiln.`}</p>;
  const fired = derived.ok ? derived.fired : undefined;
  const reach = fired && outlineBounds([fired.outlineAfter]);
  const size = (v: number): string => printText(v + 2 * PAPER_ROUND, 'length', units);
  const paper = reach && `${size(reach.right - reach.left)} × ${size(reach.far - reach.near)}`;
  return (
    <div className="flex h-full flex-col xl:flex-row">
      <div className="min-w-0 flex-1">
        {fired && (
          <div className="flex h-[19rem]">
            <div className="min-w-0 flex-1">
              <CutThrough fired={fired} mould={kiln.mould} />
            </div>
            {turning && last && (
              <div className="no-print hidden w-56 shrink-0 border-l border-(--chalk-dim)/20 md:block">
                <Suspense fallback={<div className="h-full bg-(--board)" />}>
                  <TurningView derived={last} bits={document.bits} carried={carried} />
                </Suspense>
              </div>
            )}
          </div>
        )}
        <div className="px-5 py-2">
          {fired?.remarks.map((r) => (
            <p key={r} role="alert" className="text-warning my-1 text-lg">
              {r}
            </p>
          ))}
          <CastWords />
          {kiln.firings.map((f, i) => (
            <OneFiring
              key={i}
              at={i}
              firing={f}
              once={fired?.firings[i]}
              programmed={programmed[i]}
              before={programmed[i - 1]?.seconds}
            />
          ))}
          {bears && <OtherLines bears={bears} box={box} />}
        </div>
      </div>
      <div className="border-base-300 w-full shrink-0 border-l px-5 py-3 xl:w-[24rem]">
        {kiln.firings.map((f, i) => (
          <FiringFields key={i} at={i} firing={f} />
        ))}
        <MoreFirings />
        {kiln.mould && <MouldFields mould={kiln.mould} />}
        {kiln.cast && <CastFields />}
        <div className="mt-3 grid grid-cols-2 gap-x-5">
          <AnnealerSelect label={tr`In which kiln`} value={document.firing.annealer} />
          <QuantityField
            label={tr`Shelf or mould bears`}
            kind="temperature"
            value={kiln.limit ?? SHELF_BEARS}
            within={LIMITS.recipeTemperature}
            nudge={5}
            onCommit={(limit) => {
              changeKiln((k) => ({ ...k, limit }));
            }}
          />
        </div>
        <p className="quiet mt-2 text-sm leading-snug">
          {paper !== undefined && tr`Paper ${paper} under it, used up by each firing. `}
          {tr`Paper or primer under everything, its fumes out of the room; dust of both wet up. Eyes shaded at the peephole, power off before reaching in.`}
        </p>
        <Caution />
      </div>
    </div>
  );
}
