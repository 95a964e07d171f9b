// What stands beside the step in hand at the bench: a line each.
import type { ComponentType } from 'react';
import { LessonWords } from '../../class/LessonWords';
import type { StepInHand } from '../../making/stepInHand';

/** In their order. */
export const BESIDE: readonly ComponentType<StepInHand>[] = [LessonWords];
