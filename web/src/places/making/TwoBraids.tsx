// The braid as it was planned and as it went, under one another on one clock, each glowing with the heat it had.
import { bandSpans, fitVft } from '@zanfirico/core/glass';
import { heatOfWork, type Fires, type HeatPart } from '@zanfirico/core/iron';
import type { LookedBack } from '@zanfirico/core/making';
import { tr } from '@zanfirico/core/words';
import type { WorkStep } from '@zanfirico/core/work';
import { useMemo } from 'react';
import { BraidDrawing } from '../../marks/braid/BraidDrawing';
import { useSize } from '../../marks/useSize';

interface Props {
  readonly parts: readonly HeatPart[];
  readonly plan: readonly WorkStep[];
  readonly starts: readonly number[];
  readonly went: LookedBack;
  /** The plan's own fires: what they stood at then is in how it went. */
  readonly fires: Fires;
}

const TALL = 190;
/** Room beside the clock, px. */
const MARGINS = 60;
const NONE: ReadonlyMap<string, 'watch' | 'no'> = new Map();
const nothing = (): void => undefined;

export function TwoBraids({ parts, plan, starts, went, fires }: Props) {
  const [box, { width }] = useSize<HTMLDivElement>();
  const planned = useMemo(
    () => heatOfWork(parts, plan, starts, fires),
    [parts, plan, starts, fires],
  );
  const spans = useMemo(() => parts.map((p) => bandSpans(fitVft(p.glass))), [parts]);
  const names = useMemo(() => parts.map((p) => p.name), [parts]);
  const troubled = useMemo(
    () => new Map(went.lost.map((l) => [l.step, l.verdict] as const)),
    [went],
  );
  const total = Math.max(1, planned.total, went.heat.total);
  const shared = { names, spans, tall: TALL, at: undefined, onTake: nothing };
  const scale = Math.max(200, width - MARGINS) / total;
  return (
    <div ref={box} className="mt-4 overflow-x-auto">
      <p className="quiet">{tr`planned`}</p>
      <BraidDrawing
        {...shared}
        steps={plan}
        starts={starts}
        heat={planned}
        scale={scale}
        troubled={NONE}
      />
      <p className="quiet mt-2">{tr`as it went`}</p>
      <BraidDrawing
        {...shared}
        steps={went.order.steps}
        starts={went.order.starts}
        heat={went.heat}
        scale={scale}
        troubled={troubled}
      />
    </div>
  );
}
