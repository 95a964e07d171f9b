// The face of this room: kinds of step.
export { beginsAt, clockOf, inTurn, withHelpers } from './clock';
export { ourSeconds, secondsOf, type PaceOfKinds } from './durations';
export { begins, factsOf, onTheClock, SKILLS, type WorkStep } from './facts';
export { IN_FIRE } from './heatPlace';
export { areOne, eachApart, joinOf, partsTogether, unite } from './joined';
export type { StepId } from './step';
export { STEPS } from './steps';
export { stepCode, stepSays } from './stepSays';
export { toolName, TOOLS, toolsOf } from './tools';
