// Every step of the default orders, by id.
import { ASSEMBLY_STEPS } from './assemblySteps';
import { CRAFT_STEPS } from './craftSteps';
import { FURNACE_STEPS } from './furnaceSteps';
import { KILN_STEPS } from './kilnSteps';
import type { StepKind, StepId } from './step';
import { TORCH_STEPS } from './torchSteps';

/** Look-up of a step kind. */
export const STEPS: Readonly<Record<StepId, StepKind>> = Object.fromEntries(
  [...FURNACE_STEPS, ...ASSEMBLY_STEPS, ...CRAFT_STEPS, ...TORCH_STEPS, ...KILN_STEPS].map((s) => [
    s.id,
    s,
  ]),
) as Record<StepId, StepKind>;
