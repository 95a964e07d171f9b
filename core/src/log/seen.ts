// What a piece shows between polarisers: from the colour that is seen to nanometres, and from those and the glass in the way to stress.
import { tr, type Said } from '../words/tr';
import { stressFrom } from '../fit/polarised';

/** Colours between crossed polarisers as retardation grows, nm: the classical order of Michel-Lévy's chart, the figures by
 * what this program's own colours show (the test holds them together). */
export const COLOURS_SEEN: readonly { readonly says: Said; readonly nm: number }[] = [
  { says: () => tr`black`, nm: 0 },
  { says: () => tr`blue-grey`, nm: 150 },
  { says: () => tr`white`, nm: 250 },
  { says: () => tr`straw`, nm: 330 },
  { says: () => tr`orange`, nm: 450 },
  { says: () => tr`red`, nm: 500 },
  { says: () => tr`purple`, nm: 550 },
  { says: () => tr`blue`, nm: 640 },
  { says: () => tr`green`, nm: 750 },
  { says: () => tr`yellow`, nm: 900 },
  { says: () => tr`pink`, nm: 1000 },
];

/**
 * The mean difference of stress along the way, Pa, of a retardation (nm) through so much glass (m): σ = δ/(C·t) (PHYSICS §4; ASTM C148's
 * rule). Through a vessel the light goes through two walls.
 *
 * @example stressSeen(30, 0.01) // 1.11e6 Pa
 */
export const stressSeen = (nm: number, through: number, optical?: number): number =>
  stressFrom(nm / (through * 100), optical);
