// What a plan asks to be ready before the first gather, each once; what has to warm says how long.
import type { Derived } from '@zanfirico/core/piece';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import {
  factsOf,
  toolName,
  toolsOf,
  type WorkStep,
  stepCode,
  stepSays,
} from '@zanfirico/core/work';
import { stepName } from '../../marks/braid/stepNames';

/** One thing to be ready. */
export interface Ready {
  /** What it is kept as: the kind of a step ahead, or one of `BESIDE`. */
  readonly id: string;
  readonly says: string;
  /** It is ready so long after it was begun, s; at once where left out. */
  readonly warms?: number;
}

/** The list of a plan, what has to warm first. */
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
        id: `${stepCode(s)}${s.part > 0 ? ` ${String(s.part)}` : ''}`,
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
  const others: Ready[] = [
    ...(blocks.length > 0
      ? [
          {
            id: 'blocks',
            says: tr`Blocks and paper wet: ${[...new Set(blocks)].map((b) => printText(b, 'length', units)).join(', ')}`,
          },
        ]
      : []),
    ...(calipers.length > 0
      ? [{ id: 'calipers', says: tr`Calipers for the gathers: ${calipers.join(', ')}` }]
      : []),
    { id: 'tools', says: tr`To hand: ${toolsOf(steps).map(toolName).join(', ')}` },
    ...(steps.some((s) => s.kind === 'layUp' || s.kind === 'fillMould')
      ? [{ id: 'kiln', says: kilnReady() }]
      : [
          {
            id: 'boxes',
            says: tr`Garage hot, and the annealer at ${printText(hold, 'temperature', units)} with room on the shelf`,
          },
          { id: 'crew', says: crewReady() },
        ]),
  ];
  const seen = new Set<string>();
  return [...ahead, ...others].filter(({ id }) => !seen.has(id) && seen.add(id));
}

const kilnReady = (): string => tr`The kiln cold, its shelf papered or primed, with room on it`;
const crewReady = (): string => tr`Who does what is said aloud, and who calls`;
/** What is no step, without its figures. */
const BESIDE = {
  blocks: () => tr`Blocks and paper wet`,
  calipers: () => tr`Calipers for the gathers`,
  tools: () => tr`Tools to hand`,
  kiln: kilnReady,
  boxes: () => tr`Garage and annealer hot, with room on the shelf`,
  crew: crewReady,
};
const isBeside = (id: string): id is keyof typeof BESIDE => Object.hasOwn(BESIDE, id);
/** What was ready, by what it is kept as; a making of before kept the words themselves. */
export const readySays = (id: string): string =>
  isBeside(id) ? BESIDE[id]() : stepSays(id.replace(/ \d+$/, ''));
