// How it is made: the glass, furnace or torch, the iron and the pot, and what that comes to gather by gather.
import type { PieceDocument } from '@zanfirico/contract';
import { printText, REPRESENTATIVE_GLASSES, type GatherPlan } from '@zanfirico/core';
import { Choice } from '../../../fields/Choice';
import { QuantityField } from '../../../fields/QuantityField';
import { Verdict } from '../../../marks/Verdict';
import { useDisplay } from '../../../stores/display';
import { useDraft } from '../../../stores/draft';
import { usePiece } from '../usePiece';

type MakingFacts = PieceDocument['making'];

const setMaking = (change: Partial<MakingFacts>): void => {
  useDraft.getState().change((d) => ({ ...d, making: { ...d.making, ...change } }));
};

export function Making() {
  const { document, glass, last } = usePiece();
  const change = useDraft((s) => s.change);
  const { making, way } = document;
  return (
    <section className="mt-6" aria-label="Making">
      <h2 className="text-xl">Making</h2>
      <label className="mt-1 flex flex-col">
        <span className="quiet text-sm">Glass</span>
        <select
          className="line-field"
          value={document.glass}
          onChange={(e) => {
            const id = e.target.value;
            change((d) => ({ ...d, glass: id }));
          }}
        >
          {REPRESENTATIVE_GLASSES.map((g) => (
            <option key={g.id} value={g.id}>
              {g.name}
            </option>
          ))}
        </select>
      </label>
      <div className="mt-2">
        <Choice
          legend="Worked at the"
          hideLegend
          value={way}
          options={[
            { value: 'furnace', label: 'At the furnace' },
            { value: 'torch', label: 'At the torch' },
          ]}
          onChange={(next) => {
            change((d) => ({ ...d, way: next }));
          }}
        />
      </div>
      {glass.family === 'soft' && way === 'torch' && (
        <p className="text-warning mt-1 text-sm">
          Soft glass shatters going cold into the flame: warm it slowly or take it from a kiln.
        </p>
      )}
      <div className="mt-2 grid grid-cols-2 gap-x-6 gap-y-2">
        {way === 'furnace' ? (
          <>
            <QuantityField
              label="Pot"
              kind="temperature"
              value={making.potTemperature}
              min={700}
              max={1500}
              nudge={5}
              onCommit={(potTemperature) => {
                setMaking({ potTemperature });
              }}
            />
            <QuantityField
              label="Iron, across"
              kind="length"
              value={making.ironDiameter}
              min={0.004}
              max={0.08}
              nudge={0.001}
              onCommit={(ironDiameter) => {
                setMaking({ ironDiameter });
              }}
            />
            <QuantityField
              label="Depth in the glass"
              kind="length"
              value={making.dipDepth}
              min={0.01}
              max={0.3}
              nudge={0.001}
              onCommit={(dipDepth) => {
                setMaking({ dipDepth });
              }}
            />
          </>
        ) : (
          <>
            <QuantityField
              label="Tube, across"
              kind="length"
              value={making.tube.outerDiameter}
              min={Math.max(0.002, 2 * making.tube.wall + 0.0002)}
              max={0.3}
              nudge={0.001}
              onCommit={(outerDiameter) => {
                setMaking({ tube: { ...making.tube, outerDiameter } });
              }}
            />
            <QuantityField
              label="Tube wall"
              kind="length"
              value={making.tube.wall}
              min={0.0003}
              max={Math.min(0.05, making.tube.outerDiameter / 2 - 0.0001)}
              nudge={TENTH}
              onCommit={(wall) => {
                setMaking({ tube: { ...making.tube, wall } });
              }}
            />
          </>
        )}
        <QuantityField
          label={way === 'furnace' ? 'For moil, trim, drips (%)' : 'For points, trimmings (%)'}
          kind="ratio"
          value={making.allowance}
          min={0}
          max={1}
          nudge={0.01}
          onCommit={(allowance) => {
            setMaking({ allowance });
          }}
        />
      </div>
      {last?.gathers && <Gathers plan={last.gathers} />}
      <label className="mt-4 flex flex-col">
        <span className="quiet text-sm">Notes</span>
        <textarea
          className="line-field min-h-16"
          maxLength={4000}
          value={document.notes}
          onChange={(e) => {
            const notes = e.target.value;
            change((d) => ({ ...d, notes }));
          }}
        />
      </label>
    </section>
  );
}

const TENTH = 1e-4;

function Gathers({ plan }: { readonly plan: GatherPlan }) {
  const units = useDisplay((s) => s.units);
  return (
    <div className="mt-4">
      <table className="w-full">
        <caption className="quiet text-left text-sm">Gather by gather</caption>
        <thead>
          <tr className="quiet text-right text-sm">
            <th scope="col" className="w-8 text-left font-normal">
              <span className="sr-only">Gather</span>
            </th>
            <th scope="col" className="font-normal">
              brings
            </th>
            <th scope="col" className="font-normal">
              on the iron
            </th>
            <th scope="col" className="font-normal">
              calipers
            </th>
          </tr>
        </thead>
        <tbody className="num text-right">
          {plan.gathers.map((g, i) => (
            <tr key={i} className="border-base-300 border-b">
              <th scope="row" className="py-0.5 text-left">
                {i + 1}
              </th>
              <td>{printText(g.brings, 'mass', units)}</td>
              <td>{printText(g.total, 'mass', units)}</td>
              <td>⌀ {printText(g.diameter, 'length', units)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="mt-2">
        <Verdict verdict={plan.verdict} />
      </div>
    </div>
  );
}
