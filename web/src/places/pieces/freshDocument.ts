// A fresh document: a starting form in a glass, with the shop's ordinary settings.
import { PIECE_FORMAT, PIECE_VERSION, type PieceDocument } from '@zanfirico/contract';
import { findGlass, startingProfile, type Form } from '@zanfirico/core';

/** What a person is asked before drawing. */
export interface Answers {
  name: string;
  form: Form;
  glass: string;
}

/** A fresh document of a form, with the shop's ordinary settings. */
export function freshDocument({ name, form, glass }: Answers): PieceDocument {
  const hard = findGlass(glass)?.family === 'hard';
  return {
    format: PIECE_FORMAT,
    version: PIECE_VERSION,
    name: name.trim() || `New ${form}`,
    notes: '',
    form,
    way: hard ? 'torch' : 'furnace',
    glass,
    parts: [
      {
        name: 'body',
        profile: startingProfile(form).map((p) => ({ ...p, corner: p.corner ?? false })),
      },
    ],
    making: {
      potTemperature: 1150,
      ironDiameter: 0.0254,
      dipDepth: 0.07,
      allowance: 0.15,
      tube: { outerDiameter: 0.038, wall: 0.004 },
    },
    firing: {
      practice: 'studio',
      holdTemperature: null,
      firstIn: '10:00',
      lastIn: '17:00',
      boxCoolingTime: 4 * 3600,
      doorTemperature: 50,
    },
  };
}
