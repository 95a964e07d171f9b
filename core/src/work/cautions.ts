// Cautions said at more than one step, in the same words: a card tells each once, and then its sign.
import { tr } from '../words/tr';
/** Where one looks into fire. */
export const GLARE = () => tr`Wear the shade your glory hole calls for; sleeves and closed shoes.`;
/** Where two hot glasses meet. */
export const TWO = () => tr`Bit and piece both hot: one person leads.`;
/** Where a hand torch burns. */
export const HAND_TORCH = () => tr`A hand torch needs a clear bench and local gas rules.`;
/** Where a hot door opens. */
export const DOOR_CAUTION = () => tr`Heat-proof gloves; say that the door opens.`;
/** Where hot glass falls. */
export const TRIMMINGS = () => tr`Hot trimmings drop: feet clear, pan under.`;
