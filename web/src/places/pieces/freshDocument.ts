// A fresh document: a starting form in a glass, with the shop's ordinary settings.
import {
  PIECE_FORMAT,
  PIECE_VERSION,
  type PieceAcross,
  type PieceDocument,
} from '@zanfirico/contract';
import {
  ORDINARY_FIRING,
  ORDINARY_MAKING,
  potFor,
  startingParts,
  type Form,
  type Glass,
} from '@zanfirico/core';

/** What a person is asked before drawing. */
export interface Answers {
  name: string;
  form: Form;
  glass: string;
}

/** A fresh document of a form, with the shop's ordinary settings for that glass: its pot's heat; hard glass and rod start at the torch. */
export function freshDocument(
  { name, form, glass }: Answers,
  known?: Glass,
  forms: readonly string[] = [],
  /** Moil and trim as the shop has learnt them. */
  allowance: number = ORDINARY_MAKING.allowance,
): PieceDocument {
  // What comes as rod and not for the pot is worked in the flame.
  const torch = known?.family === 'hard' || (forms.includes('rod') && !forms.includes('pot'));
  return {
    format: PIECE_FORMAT,
    version: PIECE_VERSION,
    name: name.trim() || `New ${form}`,
    notes: '',
    form,
    way: torch ? 'torch' : 'furnace',
    glass,
    parts: startingParts(form).map(({ name: part, profile, work, across }, i) => ({
      id: `p${String(i + 1)}`,
      name: part,
      profile: profile.map((p) => ({ ...p, corner: p.corner ?? false })),
      ...(work && { work }),
      ...(across && { across: structuredClone(across) as PieceAcross }),
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
