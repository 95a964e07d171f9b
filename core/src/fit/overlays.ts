// Every colour of a rack judged against one base at one build-up: what each alone would bring.
import type { Colour } from './colour';
import { judgeInclusion } from './inclusion';
import { judgeStack, setFall, type FitGlass, type Schools } from './judgeStack';
import { reaction } from './reactions';
import type { WallForm } from './wall';

/** The build-up every colour is tried at. m. */
export interface BuildUp {
  /** Thickness of the base, under the colour. */
  readonly wall: number;
  /** Thickness of the colour. */
  readonly overlay: number;
  readonly form: WallForm;
}

/** What one colour would do there. Pa. */
export interface OverlayFit {
  readonly id: string;
  readonly verdict: 'good' | 'watch' | 'no';
  readonly byNumber: 'good' | 'watch' | 'no';
  /** The most pull anywhere. */
  readonly tension: number;
  /** The colour itself is pulled, pressed, or at rest. */
  readonly colour: 'pulled' | 'pressed' | 'at rest';
  readonly reacts: boolean;
  readonly tested: boolean;
}

/** Stress not worth a word, Pa. */
const LITTLE = 0.05e6;

/** Judges each alone, in the order given. Leaf carries no load; a lump of metal or mineral is as big as the overlay is thick. */
export function judgeOverlays(
  colours: readonly Colour[],
  base: FitGlass,
  { wall, overlay, form }: BuildUp,
  schools: Schools,
): OverlayFit[] {
  return colours.map((c): OverlayFit => {
    const told = {
      id: c.id,
      reacts: reaction(c, base) !== undefined,
      tested: schools.tested?.(c.id, base.id) !== undefined,
    };
    if (c.family === 'other') {
      const thin = c.forms.includes('leaf') || c.forms.includes('fume');
      const { stress, verdict } = judgeInclusion(
        c.name,
        { ...c, radius: overlay / 2 },
        base,
        setFall([base]),
      );
      const word = thin ? 'good' : verdict.verdict;
      return {
        ...told,
        verdict: word,
        byNumber: word,
        tension: thin ? 0 : Math.max(0, stress.hoop),
        colour: thin ? 'at rest' : stress.pressure > 0 ? 'pressed' : 'pulled',
      };
    }
    const fit = judgeStack(
      [
        { glass: base, thickness: wall },
        { glass: c, thickness: overlay },
      ],
      form,
      schools,
    );
    const layer = fit.layers[1];
    const pull = layer?.tension ?? 0;
    const push = -(layer?.compression ?? 0);
    return {
      ...told,
      verdict: fit.verdict.verdict,
      byNumber: fit.byNumber.verdict,
      tension: fit.tension,
      colour: Math.max(pull, push) < LITTLE ? 'at rest' : pull > push ? 'pulled' : 'pressed',
    };
  });
}
