// What of a class one writes anew.
import type { ClassDocument } from '@zanfirico/contract/class';

/** Changes a class. */
export type ClassChange = (change: Partial<ClassDocument>) => void;
