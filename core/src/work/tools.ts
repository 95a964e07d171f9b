// Tools of the default orders, by what they are kept as.
import { trWord } from '../words/tr';
import type { StepId } from './step';
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

/** The tools of a kind of step, as they are kept. */
export const toolsOf = (kind: StepId): string[] =>
  STEPS[kind].tool.split(/, | and /).filter((t) => t !== '');

/** A tool of the default orders, in the language that is spoken; one of somebody's own stays. */
export const toolName = (tool: string): string => trWord(tool as (typeof TOOLS)[number]);
