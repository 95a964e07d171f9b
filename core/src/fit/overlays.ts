// Every colour of a rack judged against one base at one build-up: what each alone would bring.
import type { Colour } from './colour';
import { judgeInclusion } from './inclusion';
import { judgeStack, setFall, type FitGlass, type Schools } from './judgeStack';
import { reaction } from './reactions';
import type { WallForm } from './wall';
import type { Verdict } from '../units/why';

/** The build-up every colour is tried at. m. */
export interface BuildUp {
  /** Thickness of the base, under the colour. */
  readonly wall: number;
  /** Thickness of the colour. */
  readonly overlay: number;
  readonly form: WallForm;
}

type Word = Verdict['verdict'];

/** What one colour would do there. Pa. What was not judged has no verdict. */
export interface OverlayFit {
  readonly id: string;
  /** As what it was looked at: a layer of glass, a grain of metal or mineral as big as the layer is thick, or a film too thin to judge. */
  readonly as: 'layer' | 'grain' | 'leaf' | 'fume';
  /** By stress, at this build-up. */
  readonly verdict: Word | undefined;
  /** By the number alone; a grain's is none. */
  readonly byNumber: Word | undefined;
  /** The most pull anywhere. */
  readonly tension: number;
  /** The colour itself is pulled, pressed, or at rest. */
  readonly colour: 'pulled' | 'pressed' | 'at rest';
  readonly reacts: boolean;
  readonly tested: boolean;
}

/** Stress not worth a word, Pa. */
const LITTLE = 0.05e6;

/** Judges each alone, in the order given. Leaf and fume carry no load and get no verdict: whether they hold is not a matter of stress. */
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
      const film = (['leaf', 'fume'] as const).find((form) => c.forms.includes(form));
      if (film)
        return {
          ...told,
          as: film,
          verdict: undefined,
          byNumber: undefined,
          tension: 0,
          colour: 'at rest',
        };
      const { stress, verdict } = judgeInclusion(
        c.name,
        { ...c, radius: overlay / 2 },
        base,
        setFall([base]),
      );
      return {
        ...told,
        as: 'grain',
        verdict: verdict.verdict,
        byNumber: undefined,
        tension: Math.max(0, stress.hoop),
        colour: stress.pressure > 0 ? 'pressed' : 'pulled',
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
      as: 'layer',
      verdict: fit.verdict.verdict,
      byNumber: fit.byNumber.verdict,
      tension: fit.tension,
      colour: Math.max(pull, push) < LITTLE ? 'at rest' : pull > push ? 'pulled' : 'pressed',
    };
  });
}
