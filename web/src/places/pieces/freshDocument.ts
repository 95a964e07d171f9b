// A fresh document: a starting form in a glass, with the shop's ordinary settings.
import type { Form } from '@zanfirico/contract/piece';
import { PIECE_FORMAT, PIECE_VERSION } from '@zanfirico/contract';
import type { PieceDocument } from '@zanfirico/contract/piece';
import { startingParts } from '@zanfirico/core/form';
import type { Glass } from '@zanfirico/core/glass';
import { potFor } from '@zanfirico/core/iron';
import { freshKiln, type KilnStart } from '@zanfirico/core/kiln';
import { boxOf } from '@zanfirico/core/night';
import { ORDINARY_FIRING, ORDINARY_MAKING } from '@zanfirico/core/piece';
import { tr, trWord } from '@zanfirico/core/words';

/** What a person is asked before drawing. */
export interface Answers {
  name: string;
  form: Form | KilnFormId;
  glass: string;
}

/** Made in the kiln, and as what it begins. */
export type KilnFormId = `kiln-${KilnStart}`;
/** Whether a form is begun in the kiln. */
export const isKiln = (form: string): form is KilnFormId => form.startsWith('kiln-');
/** The form its file says it is of: the nearest of those turned about an axis. */
const NEAREST: Readonly<Record<KilnStart, Form>> = {
  flat: 'plate',
  slumped: 'bowl',
  cast: 'solid',
};
const NAMES: Readonly<Record<KilnStart, string>> = {
  flat: tr`plate`,
  slumped: tr`slumped bowl`,
  cast: 'casting',
};

/** A fresh document of a form, with the shop's ordinary settings for that glass: its pot's heat; hard glass and rod start at the torch. */
export function freshDocument(
  { name, form: asked, glass }: Answers,
  known?: Glass,
  forms: readonly string[] = [],
  /** Moil and trim as the shop has learnt them. */
  allowance: number = ORDINARY_MAKING.allowance,
): PieceDocument {
  const start = isKiln(asked) ? (asked.slice('kiln-'.length) as KilnStart) : undefined;
  const form = start ? NEAREST[start] : (asked as Form);
  const box = boxOf({ coolingTime: ORDINARY_FIRING.boxCoolingTime });
  // What comes as rod and not for the pot is worked in the flame.
  const torch = known?.family === 'hard' || (forms.includes('rod') && !forms.includes('pot'));
  return {
    format: PIECE_FORMAT,
    version: PIECE_VERSION,
    name: name.trim() || tr`New ${start ? NAMES[start] : trWord(form)}`,
    notes: '',
    form,
    way: start ? 'kiln' : torch ? 'torch' : 'furnace',
    ...(start && known && { kiln: freshKiln(start, known, box) }),
    glass,
    parts: startingParts(form).map(({ name: part, profile, work, across }, i) => ({
      id: `p${String(i + 1)}`,
      name: part,
      profile: profile.map((p) => ({ ...p, corner: p.corner ?? false })),
      ...(work && { work }),
      ...(across && { across: across }),
    })),
    making: {
      ...ORDINARY_MAKING,
      allowance,
      ...(known?.family === 'soft' && { potTemperature: potFor(known) }),
      tube: { ...ORDINARY_MAKING.tube },
    },
    firing: { ...ORDINARY_FIRING },
  };
}
