// The curves of a night as they grow.
import { atSkin, type Section } from './relaxing/wallState';

/** One wall's curves, sample by sample; the picture sample by place. °C and Pa, tension positive. */
export interface WallTrace {
  readonly middle: Float64Array;
  readonly skin: Float64Array;
  readonly middleStress: Float64Array;
  readonly skinStress: Float64Array;
  /** The most tension anywhere in it. */
  readonly most: Float64Array;
  readonly fictive: Float64Array;
  readonly picture?:
    | {
        /** Middle to skin, m: nodes for temperature, points for stress. */
        readonly depths: Float64Array;
        readonly points: Float64Array;
        readonly temperature: Float32Array;
        readonly stress: Float32Array;
        readonly fictive: Float32Array;
      }
    | undefined;
}

/** Most samples kept. */
export const MOST_SAMPLES = 600;
/** What was recorded. */
export interface Recorded {
  readonly samples: number;
  readonly time: Float64Array;
  readonly kiln: Float64Array;
  readonly walls: readonly WallTrace[];
}

/** Writes samples, and reads them back; `picture` keeps every depth. */
export function recorder(
  sections: readonly Section[],
  picture: boolean,
): {
  readonly write: (now: number, kiln: number) => void;
  readonly read: () => Recorded;
} {
  const time = new Float64Array(MOST_SAMPLES);
  const kilns = new Float64Array(MOST_SAMPLES);
  let n = 0;
  const zero = (): Float64Array => new Float64Array(MOST_SAMPLES);
  const traces = sections.map((s) => ({
    middle: zero(),
    skin: zero(),
    middleStress: zero(),
    skinStress: zero(),
    most: zero(),
    fictive: zero(),
    temperature: new Float32Array(picture ? MOST_SAMPLES * s.lattice.nodes : 0),
    stress: new Float32Array(picture ? MOST_SAMPLES * s.free.points : 0),
    structure: new Float32Array(picture ? MOST_SAMPLES * s.free.points : 0),
  }));
  return {
    write: (now, kiln) => {
      if (n >= MOST_SAMPLES) return;
      time[n] = now;
      kilns[n] = kiln;
      sections.forEach((s, k) => {
        const trace = traces[k] as (typeof traces)[number];
        const state = s.tied ?? s.free;
        trace.middle[n] = s.now[0] as number;
        trace.skin[n] = s.now[s.now.length - 1] as number;
        trace.middleStress[n] = state.plane[0] as number;
        trace.skinStress[n] = atSkin(s, state.plane);
        let most = atSkin(s, state.most);
        for (let p = 0; p < state.points; p += 1) most = Math.max(most, state.most[p] as number);
        trace.most[n] = most;
        trace.fictive[n] = s.fictive[0] as number;
        if (!picture) return;
        trace.temperature.set(s.now, n * s.lattice.nodes);
        trace.stress.set(state.plane, n * state.points);
        trace.structure.set(s.fictive, n * state.points);
      });
      n += 1;
    },
    read: () => ({
      samples: n,
      time: time.subarray(0, n),
      kiln: kilns.subarray(0, n),
      walls: traces.map((t, k): WallTrace => {
        const s = sections[k] as Section;
        const points = s.flat
          ? s.lattice.at
          : s.lattice.at.subarray(1).map((v, i) => (v + (s.lattice.at[i] as number)) / 2);
        return {
          middle: t.middle.subarray(0, n),
          skin: t.skin.subarray(0, n),
          middleStress: t.middleStress.subarray(0, n),
          skinStress: t.skinStress.subarray(0, n),
          most: t.most.subarray(0, n),
          fictive: t.fictive.subarray(0, n),
          picture: picture
            ? {
                depths: s.lattice.at,
                points,
                temperature: t.temperature.subarray(0, n * s.lattice.nodes),
                stress: t.stress.subarray(0, n * s.free.points),
                fictive: t.structure.subarray(0, n * s.free.points),
              }
            : undefined,
        };
      }),
    }),
  };
}
