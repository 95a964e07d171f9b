// The furnace of a pot as its controller tells it: how hot, what it is told, and a person's keys to it.
import { trNodes } from '../../words/trNodes';
import type { DeviceNow } from '@zanfirico/contract/boxes';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { shownNumber } from '../../fields/shown';
import { DeviceCaution, Keys } from '../../boxes/Keys';
import { MonthOfReadings } from '../../boxes/MonthOfReadings';
import { StandInDrawer } from '../../boxes/StandInDrawer';
import { useDisplay } from '../../stores/display';

export function FurnaceNow({ now, pot }: { readonly now: DeviceNow; readonly pot: string }) {
  const units = useDisplay((s) => s.units);
  const { reading, run } = now;
  const t = (v: number): string => printText(v, 'temperature', units);
  const cooks = run && run.endedAt === undefined && run.startedAt !== undefined;
  return (
    <section aria-label={tr`The furnace`} className="mt-4">
      <p className="text-xl leading-snug" role="status">
        {!now.answers || reading?.temperature === undefined ? (
          <span className="text-warning">{now.says ?? tr`Nobody knows how hot it is.`}</span>
        ) : (
          <>
            <b className="num text-2xl">{t(reading.temperature)}</b>
            {reading.setPoint !== undefined && (
              <>{trNodes`, asked ${(<span className="num">{t(reading.setPoint)}</span>)}`}</>
            )}
            {reading.output !== undefined && (
              <>{trNodes`, ${(<span className="num">{shownNumber(100 * reading.output, 0)} %</span>)} of its heat`}</>
            )}
          </>
        )}
      </p>
      {cooks && reading?.state === 'running' && (
        <p className="leading-snug">
          {tr`${run.sent.name}: step ${(reading.step ?? 0) + 1} of ${run.sent.lines.length}`}.
        </p>
      )}
      {run && run.endedAt === undefined && run.startedAt === undefined && (
        <p className="leading-snug">{trNodes`It holds ${(<b>{run.sent.name}</b>)}, read back the same; it waits to be started.`}</p>
      )}
      <div className="mt-2">
        <Keys now={now} />
      </div>
      {now.speed !== undefined && <StandInDrawer now={now} />}
      <details className="mt-2">
        <summary className="cursor-pointer">{tr`What was read, by the month`}</summary>
        <MonthOfReadings id={now.device.id} name={`the furnace of ${pot}`} />
      </details>
      <div className="mt-2">
        <DeviceCaution />
      </div>
    </section>
  );
}
