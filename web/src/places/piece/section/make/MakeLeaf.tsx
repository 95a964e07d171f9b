// The leaf to make by: the glass and the way of working, then gathers and stages, or torch stock.
import { LIMITS } from '@zanfirico/contract';
import { potFor } from '@zanfirico/core/iron';
import { tr } from '@zanfirico/core/words';
import { Choice } from '../../../../fields/Choice';
import { GlassField } from '../../../../fields/GlassField';
import { QuantityField } from '../../../../fields/QuantityField';
import { changeMaking, useDraft } from '../../../../stores/draft';
import { useRack } from '../../../../stores/theRack';
import { usePiece } from '../../usePiece';
import { GatherPlanView } from './GatherPlanView';
import { StockToTake } from './StockToTake';
import { TagsField } from './TagsField';

const TENTH = 1e-4;

const NO_TAGS: readonly string[] = [];

export function MakeLeaf() {
  const { document, glass } = usePiece();
  const change = useDraft((s) => s.change);
  const rack = useRack((s) => s.rack);
  const { making, way } = document;
  return (
    <section aria-label={tr`Making`}>
      <GlassField
        label={tr`Glass`}
        value={document.glass}
        onChange={(id) => {
          if (id === undefined) return;
          const next = rack.glass(id);
          // A pot at the heat its glass wanted goes to what the other wants; one set by hand stays.
          const follows = next && making.potTemperature === potFor(glass);
          change((d) => ({
            ...d,
            glass: id,
            ...(follows && { making: { ...d.making, potTemperature: potFor(next) } }),
          }));
        }}
      />
      <div className="mt-2">
        <Choice
          legend={tr`Worked at the`}
          hideLegend
          value={way}
          options={[
            { value: 'furnace', label: tr`At the furnace` },
            { value: 'torch', label: tr`At the torch` },
          ]}
          onChange={(next) => {
            change((d) => ({ ...d, way: next }));
          }}
        />
      </div>
      {glass.family === 'soft' && way === 'torch' && (
        <p className="text-warning mt-1 text-sm">{tr`Soft glass shatters going cold into the flame: warm it slowly or take it from a kiln.`}</p>
      )}
      <div className="mt-2 grid grid-cols-2 gap-x-6 gap-y-2">
        {way === 'furnace' ? (
          <QuantityField
            label={tr`Pot`}
            kind="temperature"
            value={making.potTemperature}
            within={LIMITS.potTemperature}
            nudge={5}
            onCommit={(potTemperature) => {
              changeMaking({ potTemperature });
            }}
          />
        ) : (
          <>
            <QuantityField
              label={tr`Tube, across`}
              kind="length"
              value={making.tube.outerDiameter}
              min={Math.max(LIMITS.tubeAcross.minimum, 2 * making.tube.wall + 0.0002)}
              max={LIMITS.tubeAcross.maximum}
              nudge={0.001}
              onCommit={(outerDiameter) => {
                changeMaking({ tube: { ...making.tube, outerDiameter } });
              }}
            />
            <QuantityField
              label={tr`Tube wall`}
              kind="length"
              value={making.tube.wall}
              min={LIMITS.tubeWall.minimum}
              max={Math.min(LIMITS.tubeWall.maximum, making.tube.outerDiameter / 2 - 0.0001)}
              nudge={TENTH}
              onCommit={(wall) => {
                changeMaking({ tube: { ...making.tube, wall } });
              }}
            />
          </>
        )}
        <QuantityField
          label={way === 'furnace' ? tr`For moil, trim, drips (%)` : tr`For points, trimmings (%)`}
          kind="ratio"
          value={making.allowance}
          within={LIMITS.allowance}
          nudge={0.01}
          onCommit={(allowance) => {
            changeMaking({ allowance });
          }}
        />
      </div>
      {way === 'furnace' ? <GatherPlanView /> : <StockToTake />}
      <TagsField tags={document.tags ?? NO_TAGS} />
      <label className="mt-4 flex flex-col">
        <span className="quiet text-sm">{tr`Notes`}</span>
        <textarea
          className="textarea min-h-16"
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
