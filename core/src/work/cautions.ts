// Cautions said at more than one step, in the same words: a card tells each once, and then its sign.
export const GLARE = 'Wear the shade your glory hole calls for; sleeves and closed shoes.';
export const TWO = 'Bit and piece both hot: one person leads.';
export const HAND_TORCH = 'A hand torch needs a clear bench and local gas rules.';
export const DOOR = 'Heat-proof gloves; say that the door opens.';
export const TRIMMINGS = 'Hot trimmings drop: feet clear, pan under.';
