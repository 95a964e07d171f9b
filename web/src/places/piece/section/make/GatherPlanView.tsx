// At the furnace: the iron for the part in hand, its gathers, and what to set the calipers to at every stage.
import { trNodes } from '../../../../words/trNodes';
import { LIMITS } from '@zanfirico/contract';
import type { Stage } from '@zanfirico/core/gather';
import { ORDINARY_SHOP, type PlannedPart } from '@zanfirico/core/piece';
import { printQuantity, printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { QuantityField } from '../../../../fields/QuantityField';
import { VerdictMark } from '../../../../marks/Verdict';
import { useBoard } from '../../../../stores/board';
import { changeMaking, changePart } from '../../../../stores/draft';
import { useDisplay } from '../../../../stores/display';
import { useShop } from '../../../../stores/theShop';
import { usePiece } from '../../usePiece';
import { shownNumber } from '../../../../fields/shown';
import { FigureRow } from '../../FigureRow';
import { Weighing } from './Weighing';
import { SelectField } from '../../../../fields/SelectField';

/** Irons nearer than this in diameter are the same iron, m. */
const SAME = 5e-4;

const gathersText = (n: number): string => (n === 1 ? tr`1 gather` : tr`${n} gathers`);

/** It is gathered for what this shop makes of a drawing, where it has learnt that. */
function OurWeight() {
  const ours = useShop((s) => s.shop?.document.learnt?.weight);
  return ours ? (
    <p className="quiet leading-snug">{trNodes`Gathered for pieces as you make them: ${(<span className="num">×{shownNumber(ours.factor, 2)}</span>)} of the drawn weight, ours, of ${(<span className="num">{ours.count}</span>)}; without it for the weight as drawn.`}</p>
  ) : null;
}

export function GatherPlanView() {
  const { document, last } = usePiece();
  const chosen = useBoard((s) => s.part);
  const takePart = useBoard((s) => s.takePart);
  const index = Math.min(chosen, document.parts.length - 1);
  const part = last?.parts[index];
  if (!last || !part) return <p className="quiet mt-4">{tr`The gathers come with the form.`}</p>;
  return (
    <>
      {last.parts.length > 1 && (
        <label className="mt-3 flex items-baseline gap-2">
          <span className="quiet text-sm">{tr`Part`}</span>
          <select
            className="select"
            value={index}
            onChange={(e) => {
              takePart(Number(e.target.value));
            }}
          >
            {last.parts.map((p, i) => (
              <option key={i} value={i}>
                {i + 1} {p.name}: {gathersText(p.gathers?.gathers.length ?? 0)}
              </option>
            ))}
          </select>
        </label>
      )}
      <Iron part={part} index={index} />
      <OurWeight />
      {part.gathers && (
        <>
          <ul className="mt-2">
            <FigureRow
              id={`p${String(index)}.count`}
              label={tr`Gathers`}
              figure={part.gathers.count}
            />
            <FigureRow
              id={`p${String(index)}.toGather`}
              label={tr`To gather`}
              figure={part.gathers.toGather}
            />
            <FigureRow
              id={`p${String(index)}.layer`}
              label={tr`One layer`}
              figure={part.gathers.layer}
            />
          </ul>
          <Stages part={part} />
          <div className="mt-2">
            <VerdictMark verdict={part.gathers.verdict} />
          </div>
          <Weighing part={part} index={index} />
        </>
      )}
    </>
  );
}

function Iron({ part, index }: { readonly part: PlannedPart; readonly index: number }) {
  const { document } = usePiece();
  const irons = useShop((s) => s.shop?.document.irons) ?? ORDINARY_SHOP.irons;
  const units = useDisplay((s) => s.units);
  const own = document.parts[index]?.iron;
  const { making } = document;
  const iron = own ?? { diameter: making.ironDiameter, depth: making.dipDepth };
  const only = document.parts.length === 1;
  const set = (change: Partial<typeof iron>): void => {
    const next = { ...iron, ...change };
    if (only) changeMaking({ ironDiameter: next.diameter, dipDepth: next.depth });
    else changePart(index, { iron: next });
  };
  const hollow = part.work === 'blown';
  const fitting = irons.filter((i) => i.hollow === hollow);
  const named = fitting.findIndex((i) => Math.abs(i.diameter - iron.diameter) < SAME);
  return (
    <div className="mt-3 grid grid-cols-2 gap-x-6 gap-y-2">
      <SelectField
        label={hollow ? tr`Pipe (hollow: it is blown)` : tr`Iron (solid: nobody blows through it)`}
        className="col-span-2"
        value={named}
        onChange={(to) => {
          const taken = fitting[Number(to)];
          if (taken) set({ diameter: taken.diameter });
        }}
      >
        {named < 0 && (
          <option value={-1}>{tr`one of ${printText(iron.diameter, 'length', units)}`}</option>
        )}
        {fitting.map((i, k) => (
          <option key={k} value={k}>
            {i.name}, {printText(i.diameter, 'length', units)}
          </option>
        ))}
      </SelectField>
      <QuantityField
        label={tr`Iron, across`}
        kind="length"
        value={iron.diameter}
        within={LIMITS.iron}
        nudge={0.001}
        onCommit={(diameter) => {
          set({ diameter });
        }}
      />
      <QuantityField
        label={tr`Depth in the glass`}
        kind="length"
        value={iron.depth}
        within={LIMITS.dip}
        nudge={0.001}
        onCommit={(depth) => {
          set({ depth });
        }}
      />
    </div>
  );
}

function Stages({ part }: { readonly part: PlannedPart }) {
  const units = useDisplay((s) => s.units);
  const text = (v: number): string => printText(v, 'length', units);
  const bare = (v: number): string => printQuantity(v, 'length', units).number;
  return (
    <table className="table mt-4 w-full text-right">
      <caption className="quiet text-left text-sm">{tr`Set the calipers, in ${units.length}`}</caption>
      <thead>
        <tr className="quiet text-sm">
          <th scope="col" className="text-left font-normal">{tr`stage`}</th>
          <th scope="col" className="font-normal">{tr`weighs`}</th>
          <th scope="col" className="font-normal">{tr`across × long`}</th>
          <th scope="col" className="font-normal">{tr`wall`}</th>
        </tr>
      </thead>
      <tbody className="num text-[0.92rem] [&_td]:pl-2 [&_td]:whitespace-nowrap">
        {part.stages.map((s: Stage, i) => {
          const mass = s.glass * part.glass.density;
          const brings = mass - (part.stages[i - 1]?.glass ?? 0) * part.glass.density;
          return (
            <tr key={i} className="border-base-300 border-b align-top">
              <th scope="row" className="py-1 pr-1 text-left font-sans leading-tight font-normal">
                {s.name}
                {s.block !== undefined && (
                  <span className="quiet block text-sm">{tr`block ⌀ ${text(s.block)}`}</span>
                )}
              </th>
              <td className="py-1">
                {printText(mass, 'mass', units)}
                {Math.abs(brings) > 5e-4 && (
                  <span className="quiet block text-xs">
                    {brings > 0 ? '+' : '−'}
                    {printText(Math.abs(brings), 'mass', units)}
                  </span>
                )}
              </td>
              <td className="py-1 whitespace-nowrap">
                {bare(s.diameter)} × {bare(s.length)}
              </td>
              <td className="py-1">{s.wall === undefined ? tr`solid` : bare(s.wall)}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
