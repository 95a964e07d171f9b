// Tools of the default orders, by what they are kept as.
import { trWord } from '../words/tr';
import type { WorkStep } from './facts';
import { STEPS } from './steps';

/** Every tool a step of the default orders names. */
export const TOOLS = [
  'kiln',
  'pipe',
  'powder',
  'plate',
  'jacks',
  'mould',
  'leaf',
  'fume',
  'bit',
  'glory hole',
  'gloves',
  'punty',
  'eye',
  'tweezers',
  'stamp',
  'hand torch',
  'wet stick',
  'air',
  'paddle',
  'bucket',
  'wet newspaper',
  'puffer',
  'wet paper',
  'marver',
  'frit',
  'file',
  'shears',
  'water',
  'boards',
  'masher',
  'calipers',
  'bit iron',
  'fork',
  'bench',
  'collar',
  'saw',
  'wheels',
  'pads',
  'diamond core',
  'wet block',
  'paper',
  'block',
  'wheel',
  'running pliers',
  'shelf',
  'separator',
  'scales',
  'torch',
  'tubing',
  'graphite',
  'reamer',
  'soft flame',
  'rod',
  'scratch',
  'flame',
  'hose',
  'metal',
  'tongs',
] as const;

/** Where work is done, and what everybody brings: no tool. */
const PLACES = new Set([
  '',
  'glory hole',
  'bench',
  'eye',
  'furnace',
  'annealer',
  'garage',
  'torch',
  'kiln',
]);

/** The tools an order needs, each once, as they are kept. */
export const toolsOf = (steps: readonly WorkStep[]): string[] => [
  ...new Set(
    steps
      .flatMap((s) => (s.kind === 'own' ? [] : STEPS[s.kind].tool.split(/, | and /)))
      .filter((t) => !PLACES.has(t)),
  ),
];

/** A tool of the default orders, in the language that is spoken; one of somebody's own stays. */
export const toolName = (tool: string): string => trWord(tool as (typeof TOOLS)[number]);
