// What a kind of step does and takes: how long, in which heat, on which end, whose hands, and what becomes of the glass.
// Durations and hands are common practice, no source; every one can be changed in the order.
import type { PieceStep, Skill, Zone } from '@zanfirico/contract/order';
import type { HeatPlace } from './heatPlace';
import type { StepId } from './step';

/** What hands can do. */
export const SKILLS = ['gaff', 'gather', 'bit', 'blow', 'shield', 'door', 'torch'] as const;

/** What becomes of the glass. */
export type Effect =
  | 'nothing'
  /** Glass comes onto the iron at the heat of the pot; the part is begun if it was not. */
  | 'gather'
  /** A length of the patterned tube comes out of the garage onto an iron: the part is begun. */
  | 'pick'
  /** From the gathered lump to the part's own form. */
  | 'form'
  /** A part begun at the torch, in its own form, at room heat. */
  | 'begin'
  /** Parked where it stays hot. */
  | 'park'
  | 'fetch'
  /** A bit comes onto the part, hot, with a sharp notch round it. */
  | 'bit'
  /** Notches are melted in. */
  | 'melt'
  /** The step's part becomes one with the part it is joined to. */
  | 'join'
  | 'punty'
  | 'transfer'
  | 'release'
  | 'heat'
  | 'box';

/** The stations a shop has so many of. */
export type Station =
  'bench' | 'glory hole' | 'furnace' | 'marver' | 'garage' | 'annealer' | 'colour kiln' | 'torch';

/** The facts of one kind. */
export interface Facts {
  readonly seconds: number;
  readonly heat: HeatPlace;
  readonly does: Effect;
  readonly zone: Zone;
  /** Whose hands: the first leads. */
  readonly hands: readonly Skill[];
  readonly station: Station | undefined;
  /** Done before the clock runs, or beside the piece by whoever helps: it costs the glass at the bench no time. */
  readonly off: 'ahead' | 'beside' | 'after' | undefined;
}

const f = (
  seconds: number,
  heat: HeatPlace,
  hands: readonly Skill[],
  station: Station | undefined,
  more: { does?: Effect; zone?: Zone; off?: Facts['off'] } = {},
): Facts => ({
  seconds,
  heat,
  hands,
  station,
  does: more.does ?? 'nothing',
  zone: more.zone ?? 'all',
  off: more.off,
});

const G = ['gaff'] as const;
const GB = ['gaff', 'bit'] as const;
const T = ['torch'] as const;

/** Facts by kind. */
export const FACTS: Readonly<Record<StepId, Facts>> = {
  warmIron: f(90, 'furnace mouth', [], undefined, { off: 'ahead' }),
  gather: f(12, 'furnace mouth', ['gather'], 'furnace', { does: 'gather' }),
  marver: f(10, 'marver', G, 'marver'),
  block: f(12, 'block', G, 'bench'),
  bubble: f(6, 'bench', G, 'bench'),
  setBubble: f(20, 'bench', ['gather'], undefined),
  reheat: f(30, 'glory hole', G, 'glory hole', { does: 'heat' }),
  flash: f(6, 'glory hole', G, 'glory hole', { does: 'heat' }),
  chillTip: f(4, 'marver', G, 'marver', { zone: 'base' }),
  blow: f(15, 'bench', ['gaff', 'blow'], 'bench', { does: 'form' }),
  neck: f(15, 'tools', G, 'bench', { zone: 'top' }),
  foot: f(8, 'tools', G, 'bench', { zone: 'base' }),
  stem: f(20, 'tools', GB, 'bench', { does: 'bit', zone: 'base' }),
  footBit: f(20, 'tools', GB, 'bench', { does: 'bit', zone: 'base' }),
  shapeSolid: f(20, 'tools', G, 'bench', { does: 'form' }),
  setBase: f(10, 'bench', G, 'bench', { zone: 'base' }),
  punty: f(10, 'bench', GB, 'bench', { does: 'punty', zone: 'base' }),
  transfer: f(8, 'bench', GB, 'bench', { does: 'transfer' }),
  longReheat: f(60, 'glory hole', G, 'glory hole', { does: 'heat', zone: 'top' }),
  trim: f(10, 'tools', G, 'bench', { zone: 'top' }),
  open: f(14, 'tools', G, 'bench', { zone: 'top' }),
  spin: f(12, 'glory hole', G, 'glory hole', { zone: 'top' }),
  lipWrap: f(12, 'tools', GB, 'bench', { zone: 'top', does: 'bit' }),
  firePolish: f(10, 'glory hole', G, 'glory hole', { zone: 'top' }),
  crackOff: f(8, 'bench', ['gaff', 'door'], undefined, { does: 'release' }),
  knockOff: f(8, 'bench', ['gaff', 'door'], undefined, { does: 'release' }),
  sealMark: f(10, 'hand torch', GB, 'bench', { zone: 'top' }),
  box: f(10, 'bench', ['door'], 'annealer', { does: 'box' }),
  torchOn: f(30, 'bench', T, 'torch'),
  points: f(120, 'flame', T, 'torch', { does: 'begin', zone: 'top' }),
  blowBottom: f(60, 'flame', T, 'torch', { zone: 'base' }),
  shapeTorch: f(120, 'flame', T, 'torch', { zone: 'middle' }),
  openTorch: f(90, 'flame', T, 'torch', { zone: 'top' }),
  sealTorch: f(30, 'flame', T, 'torch', { zone: 'top' }),
  flameAnneal: f(60, 'soft flame', T, 'torch'),
  warmThrough: f(20, 'flame', T, 'torch', { does: 'heat' }),
  torchOff: f(15, 'bench', T, 'torch'),
  warmColour: f(600, 'bench', [], 'colour kiln', { off: 'ahead' }),
  pickColour: f(15, 'bench', ['gather'], 'colour kiln'),
  rollColour: f(8, 'bench', G, 'marver'),
  pickCane: f(15, 'bench', G, 'colour kiln'),
  twist: f(12, 'tools', G, 'bench'),
  dipMould: f(8, 'tools', G, 'bench'),
  leaf: f(8, 'marver', G, 'marver'),
  fume: f(20, 'bench', G, 'bench'),
  clearButton: f(10, 'bench', GB, 'bench', { zone: 'base', does: 'bit' }),
  garage: f(8, 'garage', ['door'], 'garage', { does: 'park' }),
  fetch: f(12, 'garage', ['bit'], 'garage', { does: 'fetch' }),
  bit: f(25, 'furnace mouth', ['bit'], 'furnace', { does: 'gather' }),
  attach: f(12, 'bench', GB, 'bench', { does: 'join' }),
  glueBit: f(8, 'bench', GB, 'bench', { zone: 'base' }),
  straight: f(5, 'bench', G, 'bench'),
  shapeBit: f(15, 'tools', G, 'bench', { does: 'form' }),
  handle: f(20, 'tools', GB, 'bench', { zone: 'middle', does: 'bit' }),
  spout: f(10, 'tools', G, 'bench', { zone: 'top' }),
  prunts: f(25, 'tools', GB, 'bench', { zone: 'middle', does: 'bit' }),
  wrap: f(15, 'tools', GB, 'bench', { zone: 'middle', does: 'bit' }),
  meltNotch: f(15, 'hand torch', G, 'bench', { zone: 'middle', does: 'melt' }),
  fold: f(15, 'tools', G, 'bench', { zone: 'top' }),
  steam: f(6, 'bench', G, 'bench'),
  thinLip: f(10, 'tools', G, 'bench', { zone: 'top' }),
  coolStem: f(12, 'bench', G, 'bench'),
  shield: f(10, 'bench', ['shield'], undefined),
  scrap: f(20, 'bench', ['door'], undefined, { off: 'after' }),
  polishScar: f(20, 'hand torch', ['door'], undefined, { zone: 'base' }),
  warmRod: f(30, 'soft flame', T, 'torch', { does: 'begin' }),
  beginRod: f(30, 'soft flame', T, 'torch', { does: 'begin' }),
  cutTube: f(20, 'bench', T, 'torch'),
  hose: f(10, 'bench', T, 'torch'),
  maria: f(30, 'flame', T, 'torch', { zone: 'middle' }),
  blowHole: f(30, 'flame', T, 'torch', { zone: 'middle' }),
  stampTorch: f(20, 'flame', T, 'torch'),
  ream: f(30, 'flame', T, 'torch', { zone: 'top' }),
  hook: f(60, 'flame', T, 'torch', { zone: 'middle' }),
  weld: f(30, 'flame', T, 'torch', { does: 'join' }),
  notchTorch: f(20, 'flame', T, 'torch'),
  fumeTorch: f(30, 'flame', T, 'torch'),
  kilnGarage: f(10, 'garage', T, 'garage', { does: 'park' }),
  kilnFetch: f(10, 'garage', T, 'garage', { does: 'fetch' }),
  growBubble: f(10, 'bench', ['gaff', 'blow'], 'bench'),
  wetPaper: f(12, 'block', G, 'bench'),
  swing: f(8, 'bench', G, undefined),
  spotHeat: f(15, 'hand torch', G, 'bench', { zone: 'middle' }),
  stiffenSpot: f(8, 'block', G, 'bench', { zone: 'base' }),
  collar: f(10, 'marver', ['gather'], 'marver'),
  rollFrit: f(8, 'bench', G, 'marver'),
  setIn: f(10, 'marver', G, 'marver'),
  drip: f(15, 'bench', GB, 'bench'),
  score: f(8, 'bench', G, 'bench', { zone: 'top' }),
  footing: f(12, 'tools', G, 'bench', { does: 'form' }),
  masher: f(20, 'tools', G, 'bench', { does: 'form' }),
  measure: f(15, 'bench', G, 'bench'),
  plug: f(12, 'tools', G, 'bench', { zone: 'middle' }),
  ridge: f(15, 'tools', G, 'bench', { zone: 'middle' }),
  spoolFoot: f(20, 'tools', GB, 'bench', { zone: 'base', does: 'bit' }),
  closeEnd: f(15, 'tools', G, 'bench', { zone: 'base' }),
  dropDisc: f(10, 'tools', GB, 'bench', { zone: 'base' }),
  constrict: f(15, 'tools', G, 'bench', { zone: 'middle' }),
  lowerOn: f(15, 'bench', GB, 'bench', { does: 'join' }),
  cutFree: f(8, 'tools', G, 'bench', { zone: 'top' }),
  openFoot: f(15, 'tools', G, 'bench', { zone: 'base' }),
  thinBead: f(12, 'tools', GB, 'bench', { zone: 'base', does: 'bit' }),
  foldFoot: f(15, 'tools', G, 'bench', { zone: 'base' }),
  castOff: f(6, 'tools', G, 'bench', { zone: 'middle' }),
  makePunty: f(40, 'bench', ['bit'], 'furnace', { off: 'beside' }),
  bringBit: f(25, 'bench', ['bit'], 'furnace', { off: 'beside' }),
  makeApart: f(90, 'bench', ['bit'], undefined, { off: 'beside' }),
  fetchBit: f(25, 'garage', ['bit'], 'garage', { off: 'beside' }),
  addBit: f(12, 'tools', GB, 'bench', { zone: 'middle', does: 'bit' }),
  letSet: f(4, 'bench', G, 'bench'),
  lastFlash: f(3, 'glory hole', G, 'glory hole', { does: 'heat' }),
  heatIn: f(15, 'glory hole', G, 'glory hole', { does: 'heat' }),
  cutLengths: f(40, 'bench', G, 'bench'),
  pickLength: f(20, 'garage', ['gaff', 'door'], 'garage', { does: 'pick' }),
  cutHeight: f(300, 'bench', ['door'], undefined, { off: 'after' }),
  polishCold: f(600, 'bench', ['door'], undefined, { off: 'after' }),
  drillCold: f(300, 'bench', ['door'], undefined, { off: 'after' }),
  // Cold work: how long goes by how much is cut and laid. Common practice, no source.
  cutSheet: f(900, 'bench', G, undefined),
  layUp: f(1200, 'bench', G, undefined),
  fillMould: f(900, 'bench', G, undefined),
};

/** One step of a piece's own order, its parts by their place in the list. */
export interface WorkStep extends Omit<PieceStep, 'kind' | 'part' | 'to' | 'like'> {
  /** A kind of the catalogue, or of the studio's own making. */
  readonly kind: StepId | 'own';
  /** The part worked, from 0. */
  readonly part: number;
  /** The part this one is joined to, by a join. */
  readonly to?: number;
  /** Facts of an own kind, by the kind it is most like. */
  readonly like?: StepId;
}

/** The facts that hold for a step. */
export const factsOf = (s: Pick<WorkStep, 'kind' | 'like'>): Facts =>
  FACTS[s.kind === 'own' ? (s.like ?? 'shapeBit') : s.kind];

const BEGINNING: ReadonlySet<Effect> = new Set(['gather', 'pick', 'begin']);
/** Is its part there once it is done? */
export const begins = (s: Pick<WorkStep, 'kind' | 'like'>): boolean =>
  BEGINNING.has(factsOf(s).does);

/** Done while the piece's clock runs: not ahead of the first gather, and not after the box. */
export const onTheClock = (s: Pick<WorkStep, 'kind' | 'like'>): boolean => {
  const { off } = factsOf(s);
  return off !== 'ahead' && off !== 'after';
};
