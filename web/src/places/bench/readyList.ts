// What a plan asks to be ready before the first gather, each once; what has to warm says how long.
import {
  factsOf,
  printText,
  toolName,
  toolsOf,
  type Derived,
  type WorkStep,
  tr,
} from '@zanfirico/core';
import { stepName } from '../../marks/braid/stepNames';

/** One thing to be ready. */
export interface Ready {
  readonly says: string;
  /** It is ready so long after it was begun, s; at once where left out. */
  readonly warms?: number;
}

export function readyList(
  steps: readonly WorkStep[],
  derived: Extract<Derived, { ok: true }>,
  firing: { readonly holdTemperature: number | null },
  units: Parameters<typeof printText>[2],
): Ready[] {
  const ahead = steps
    .filter((s) => factsOf(s).off === 'ahead')
    .map((s): Ready => {
      const part = derived.parts[s.part]?.name;
      return {
        says: `${stepName(s)}${derived.parts.length > 1 && part !== undefined ? tr` for the ${part}` : ''}`,
        warms: s.seconds,
      };
    });
  const blocks = derived.parts.flatMap((p) =>
    (p.gathers?.gathers ?? []).flatMap((g) => (g.block === undefined ? [] : [g.block])),
  );
  const calipers = derived.parts.flatMap((p) => {
    const last = p.gathers?.gathers.at(-1);
    return last ? [`${p.name} ${printText(last.diameter, 'length', units)}`] : [];
  });
  const hold = firing.holdTemperature ?? derived.night.holdTemperature;
  const others = [
    ...(blocks.length > 0
      ? [
          tr`Blocks and paper wet: ${[...new Set(blocks)].map((b) => printText(b, 'length', units)).join(', ')}`,
        ]
      : []),
    ...(calipers.length > 0 ? [tr`Calipers for the gathers: ${calipers.join(', ')}`] : []),
    tr`To hand: ${toolsOf(steps).map(toolName).join(', ')}`,
    ...(steps.some((s) => s.kind === 'layUp' || s.kind === 'fillMould')
      ? [tr`The kiln cold, its shelf papered or primed, with room on it`]
      : [
          tr`Garage hot, and the annealer at ${printText(hold, 'temperature', units)} with room on the shelf`,
          tr`Who does what is said aloud, and who calls`,
        ]),
  ].map((says): Ready => ({ says }));
  const seen = new Set<string>();
  return [...ahead, ...others].filter(({ says }) => !seen.has(says) && seen.add(says));
}
