// What stands under the list of what is lost: a line each.
import type { LogLine } from '@zanfirico/contract/making';
import type { ComponentType } from 'react';
import { WhatItCosts } from '../cost/WhatItCosts';

/** In their order. */
export const UNDER_LOST: readonly ComponentType<{ readonly lost: readonly LogLine[] }>[] = [
  WhatItCosts,
];
