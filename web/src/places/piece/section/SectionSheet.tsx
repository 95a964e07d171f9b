// The Section sheet: the drawing to pull at, the glass turning beside it, and a leaf of numbers.
import { tr } from '@zanfirico/core/words';
import type { PieceBit } from '@zanfirico/contract/piece';
import { Suspense, lazy, useMemo } from 'react';
import { Navigate } from 'react-router';
import { PatternMark } from '../../../marks/section/PatternMark';
import { SectionDrawing } from '../../../marks/section/SectionDrawing';
import { Tabs, tabId } from '../../../shell/Tabs';
import { useBoard } from '../../../stores/board';
import { usePiece } from '../usePiece';
import { DrawLeaf } from './DrawLeaf';
import { BESIDE_DRAW } from './leaves';
import { PartStrip } from './PartStrip';
import { TonightLine } from './TonightLine';
import { usePointClips } from './usePointClips';
import { useSectionActions } from './useSectionActions';

const TurningView = lazy(async () => ({
  default: (await import('../../../marks/turning/TurningView')).TurningView,
}));
const DRAW = ['draw', tr`Draw`] as const;
const namesOf = (leaves: typeof BESIDE_DRAW) =>
  [DRAW, ...leaves.map(({ id, name }) => [id, name] as const)] as const;
const LEAVES = namesOf(BESIDE_DRAW);
const CAST_LEAVES = namesOf(BESIDE_DRAW.filter((l) => l.ofCast));

const NO_BITS: PieceBit[] = [];

/** What is laid from sheet is drawn from above. */
export function SectionSheet() {
  const { kiln } = usePiece().document;
  return kiln && !kiln.cast ? <Navigate to="../above" relative="path" replace /> : <Drawn />;
}

function Drawn() {
  const board = usePiece();
  const { document, derived, last, carried } = board;
  const { part, bit, point, leaf: asked, turning, show } = useBoard();
  const leaves = document.kiln ? CAST_LEAVES : LEAVES;
  const leaf = leaves.some(([l]) => l === asked) ? asked : 'draw';
  const Beside = BESIDE_DRAW.find((l) => l.id === leaf);
  const actions = useSectionActions(board);
  usePointClips();
  const inHand = Math.min(part, document.parts.length - 1);
  const over = useMemo(
    () =>
      carried &&
      ((sheet: Parameters<typeof PatternMark>[0]['sheet']) => (
        <PatternMark carried={carried} sheet={sheet} />
      )),
    [carried],
  );

  return (
    <div className="flex h-full flex-col lg:flex-row">
      <div className="flex min-w-0 flex-1 flex-col">
        <PartStrip parts={document.parts} bits={document.bits ?? NO_BITS} />
        <div className="flex min-h-[430px] flex-1">
          <div className="min-w-0 flex-1">
            <SectionDrawing
              document={document}
              derived={derived}
              part={inHand}
              bit={bit}
              point={point}
              actions={actions}
              over={over}
            />
          </div>
          {turning && last && (
            <div className="no-print hidden w-[17rem] shrink-0 border-l border-(--chalk-dim)/20 md:block 2xl:w-[34rem]">
              <Suspense fallback={<div className="h-full bg-(--board)" />}>
                <TurningView derived={last} bits={document.bits} carried={carried} />
              </Suspense>
            </div>
          )}
        </div>
        <TonightLine />
      </div>
      <div className="border-base-300 flex w-full shrink-0 flex-col border-l lg:h-[calc(100dvh-11.05rem)] lg:w-[22rem]">
        <Tabs
          label={tr`Leaves`}
          tabs={leaves}
          value={leaf}
          panel="leaf"
          onChange={show}
          className="border-base-300 flex-nowrap border-b px-2 *:flex-1 *:px-1"
        />
        <div
          id="leaf"
          role="tabpanel"
          aria-labelledby={tabId('leaf', leaf)}
          // A leaf taller than the screen scrolls by keyboard too.
          // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex
          tabIndex={0}
          className="flex-1 overflow-y-auto px-5 pt-3 pb-6"
        >
          <Suspense fallback={<p className="quiet py-6">{tr`One moment …`}</p>}>
            {Beside ? <Beside.Leaf /> : <DrawLeaf actions={actions} />}
          </Suspense>
        </div>
      </div>
    </div>
  );
}
