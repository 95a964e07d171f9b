// An exercise: a piece's figures with what may be more and less of each, as calipers are set; and a student's piece held against them. SI.
import type { Measure } from '@zanfirico/contract/making';
import type { Tolerance } from '@zanfirico/contract/class';
import { BY_SHARE } from '../log/against';

/** A measure beside its tolerance. */
export interface HeldAgainst {
  readonly of: Measure;
  readonly up: number | undefined;
  readonly drawn: number;
  readonly least: number;
  readonly most: number;
  /** Undefined where nobody measured it. */
  readonly made: number | undefined;
  /** Made less drawn. */
  readonly off: number | undefined;
  readonly verdict: 'good' | 'under' | 'over' | undefined;
}

/** Heights nearer than this are one place on the wall, m. */
const SAME_PLACE = 0.0015;
/** What is typed as the very limit passes. */
const HAIR = 1 + 1e-9;

/** The calipers' two settings. */
export function limitsOf(
  { of, under, over }: Tolerance,
  drawn: number,
): { least: number; most: number } {
  const by = BY_SHARE.has(of) ? drawn : 1;
  return { least: Math.max(0, drawn - under * by), most: drawn + over * by };
}

/** What was measured last of each, against its tolerance; `drawn` beside `tolerances`. */
export function holdAgainst(
  tolerances: readonly Tolerance[],
  drawn: readonly (number | undefined)[],
  measured: readonly {
    readonly of: Measure;
    readonly value: number;
    readonly up?: number | undefined;
  }[],
): HeldAgainst[] {
  return tolerances.flatMap((t, i): HeldAgainst[] => {
    const d = drawn[i];
    if (d === undefined) return [];
    const { least, most } = limitsOf(t, d);
    const made = measured.findLast(
      (m) =>
        m.of === t.of &&
        (t.up === undefined || (m.up !== undefined && Math.abs(m.up - t.up) < SAME_PLACE)),
    )?.value;
    return [
      {
        of: t.of,
        up: t.up,
        drawn: d,
        least,
        most,
        made,
        off: made === undefined ? undefined : made - d,
        verdict:
          made === undefined
            ? undefined
            : made * HAIR < least
              ? 'under'
              : made > most * HAIR
                ? 'over'
                : 'good',
      },
    ];
  });
}
