// A night that runs in a box: what was planned, what was read, what is to come, when the door may open, and what went otherwise.
import type { DeviceNow, DeviceReading, SentRun } from '@zanfirico/contract/boxes';
import {
  asItGoes,
  doorAt,
  stepsCurve,
  watched,
  type Deviation,
  type DeviceFault,
  type DeviceState,
  type KilnReading,
} from '@zanfirico/core/boxes';
import type { Box, KilnCurve } from '@zanfirico/core/night';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { readReadings } from '../../../api/client';

/** Readings are fetched so often, ms. */
const EVERY = 10_000;

/** A box's run as it goes. */
export interface RunNow {
  readonly run: SentRun;
  /** Of its start, s. */
  readonly plan: KilnCurve;
  /** Measured, then foretold. */
  readonly curve: KilnCurve | undefined;
  /** Until here it was measured. */
  readonly now: number;
  readonly lastIn: number;
  /** When the door may open, by what it did: s since its start. */
  readonly door: number | undefined;
  readonly doorPlanned: number;
  readonly deviations: readonly Deviation[];
  /** The moment of a second of its own clock, ms. */
  readonly momentAt: (seconds: number) => number;
}

/** A reading as the core looks at it; undefined before the run. */
function asKilnReading(
  r: DeviceReading,
  startedAt: number,
  speed: number,
): KilnReading | undefined {
  const at = r.elapsed ?? ((r.at - startedAt) / 1000) * speed;
  if (at < 0 || r.state === 'idle') return undefined;
  return {
    at,
    temperature: r.temperature,
    setPoint: r.setPoint,
    output: r.output,
    state: r.state as DeviceState | undefined,
    step: r.step,
    faults: r.faults as DeviceFault[] | undefined,
  };
}

/** The run of a device, where it was started. */
export function useRun(now: DeviceNow, box: Box, door: number): RunNow | undefined {
  const { run, speed = 1 } = now;
  const { id } = now.device;
  const startedAt = run?.startedAt;
  const asked = useQuery({
    queryKey: ['devices', id, 'run', run?.id, startedAt],
    queryFn: () => readReadings(id, startedAt ?? 0, run?.endedAt ?? Date.now() + 60_000),
    enabled: startedAt !== undefined,
    refetchInterval: run?.endedAt === undefined ? EVERY : false,
    retry: false,
  });
  const plan = useMemo(() => run && stepsCurve(run.sent.lines, box, box.room), [run, box]);
  return useMemo(() => {
    if (!run || !plan || startedAt === undefined) return undefined;
    const seen = (asked.data ?? [])
      .flatMap((r) => asKilnReading(r, startedAt, speed) ?? [])
      .sort((a, b) => a.at - b.at);
    const going = asItGoes({ lines: run.sent.lines, plan, box }, seen);
    const last = seen[seen.length - 1];
    const lastAt = asked.data?.[asked.data.length - 1]?.at ?? startedAt;
    return {
      run,
      plan,
      curve: going?.curve,
      now: going?.now ?? 0,
      lastIn: run.sent.lastIn,
      door: going && doorAt(going.curve, door, box),
      doorPlanned: doorAt(plan, door, box),
      deviations: watched(plan, seen, box),
      momentAt: (s) => lastAt + ((s - (last?.at ?? 0)) * 1000) / speed,
    };
  }, [run, plan, startedAt, asked.data, speed, box, door]);
}
