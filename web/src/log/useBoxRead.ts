// What the box of a making was read at, from its last tap to cold: the night as it was, where a device stands at that box.
import type { DeviceReading } from '@zanfirico/contract/boxes';
import { boxedAt, type MakingState } from '@zanfirico/core/making';
import type { KilnCurve, ScheduleInput } from '@zanfirico/core/night';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { readDevices, readReadings } from '../api/client';
import { useAnswer } from '../workers/useAnswer';
import { night } from '../workers/workers';

/** A night is looked for so long after it was boxed, ms; fewer readings than this are none. */
const LONGEST = 14 * 86_400_000;
const ENOUGH = 10;
/** Cold enough to be over, °C. */
const COLD = 120;

/** Readings as a curve from the moment it was boxed, s; undefined where they do not reach from hot to cold. */
export function curveRead(
  readings: readonly DeviceReading[],
  boxed: number,
): KilnCurve | undefined {
  const read = readings.flatMap((r) =>
    r.temperature === undefined || r.at < boxed ? [] : [{ at: r.at, t: r.temperature }],
  );
  const cold = read.findIndex((r) => r.t < COLD);
  const night = cold < 0 ? [] : read.slice(0, cold + 1);
  const [first] = night;
  if (!first || night.length < ENOUGH || first.t < 2 * COLD) return undefined;
  return {
    time: night.map((r) => (r.at - first.at) / 1000),
    temperature: night.map((r) => r.t),
  };
}

/** What a making's own night left and reached, Pa, by what its box was read at; undefined where nobody read it. */
export function useBoxRead(
  state: Pick<MakingState<never>, 'ended'>,
  annealer: string | undefined,
  input: ScheduleInput,
): { readonly kept: number; readonly worst: number } | undefined {
  // Which device stands at that box does not change while one looks: asked once.
  const devices = useQuery({ queryKey: ['devices'], queryFn: readDevices, retry: false }).data;
  const device = devices?.find((d) => d.device.of === annealer)?.device.id;
  const boxed = boxedAt(state);
  const read = useQuery({
    queryKey: ['box read', device, boxed],
    queryFn: () => readReadings(device ?? '', boxed ?? 0, (boxed ?? 0) + LONGEST),
    enabled: device !== undefined && boxed !== undefined,
  }).data;
  const curve = useMemo(
    () => (read && boxed !== undefined ? curveRead(read, boxed) : undefined),
    [read, boxed],
  );
  const ask = useMemo(
    () =>
      curve &&
      (() => night((w) => w.judge(input, curve, curve.time[curve.time.length - 1] ?? 0, {}, []))),
    [curve, input],
  );
  const answer = useAnswer(ask);
  if (answer.state !== 'here') return undefined;
  const { kept, worst } = answer.value.outcome;
  return { kept, worst: worst.stress };
}
