// Everything a piece's own numbers imply: form, glass, gathers or stock, order of work, tonight. Nothing here is stored.
import type { PieceDocument, Stock, Tube } from '@zanfirico/contract/piece';
import { tr } from '../words/tr';
import { boxOf, type Box } from '../night/box';
import { IN_HAND } from '../night/practice';
import { ORDINARY_STANDING } from '../night/section/realSection';
import type { ScheduleInput } from '../night/scheduleInput';
import {
  dipIn,
  planGathers,
  type Gather,
  type GatherInput,
  type GatherPlan,
} from '../gather/gatherPlan';
import { stagePlan, type Stage, type StageInput } from '../gather/stages';
import type { Glass } from '../glass/glass';
import { layWall, type LaidColour, type WallShare } from '../fit/lay';
import { givesMost } from '../iron/sag';
import type { FiredPiece } from '../kiln/firedPiece';
import { asFired, kilnLayers, kilnWall } from './fromKiln';
import { zonesOf, type HeatZone } from '../iron/zones';
import { SHIPPED_RACK, type Rack } from '../rack/rack';
import type { ShapeProblem } from '../form/checkProfile';
import type { OuterLine } from '../form/curve';
import { corkPlug, fitClosure, stopperPlug, type ClosureFit } from '../form/fits';
import type { Shape } from '../form/measure';
import { planStock, type StockPlan } from '../stock/stockPlan';
import { holdingSeconds } from './clock';
import { followed } from './followed';
import { madeThick } from './madeThick';
import { readPart, type Part, type PartInput } from './part';
import { apartOf, isRing, realSectionOf } from './realSection';
import { besideSection, rulingWall } from './rulingWall';
import { readings, type Readings } from './readings';
import { readBit, type BitInput, type ReadBit } from './bits';
import { wholePiece, type Whole } from './whole';

/** What the core needs of a piece document. Lengths m, °C, s. */
export type PieceInput = Pick<
  PieceDocument,
  'form' | 'way' | 'kiln' | 'closure' | 'fillLine' | 'making' | 'firing'
> & {
  readonly parts: readonly PartInput[];
  readonly bits?: readonly BitInput[] | undefined;
};

/** What the shop adds to a piece's own numbers. */
export interface ShopFacts {
  /** Blocks, inside diameters, m. */
  readonly blocks: readonly number[];
  /** Learned factor on the layer for whoever gathers, by iron diameter, m, and glass; 1 when nothing is learned. */
  readonly layerFactor: (ironDiameter: number, glass: Glass) => number;
  /** Where parts of another glass find it, and their colours. */
  readonly rack: Pick<Rack, 'glass' | 'colour'>;
  /** Glass standing in the pot, m; enough for any iron when left out. */
  readonly potDepth?: number | undefined;
  /** An annealer by its name. */
  readonly annealer: (name: string) => Box | undefined;
  /** What this shop makes of a drawing, learnt: so many times the drawn wall, and weight; as drawn where left out. */
  readonly made?: { readonly wall?: number | undefined; readonly weight?: number | undefined };
}

/** No shop known: any block, nothing learned, the shipped rack. */
export const NO_SHOP: ShopFacts = {
  blocks: [],
  layerFactor: () => 1,
  rack: SHIPPED_RACK,
  annealer: () => undefined,
};

/** One part, with how its glass comes to it. */
export interface PlannedPart extends Part {
  readonly gathers: GatherPlan | undefined;
  /** How they were counted, but for the weight: another weight is counted the same way. */
  readonly gathering: Omit<GatherInput, 'mass'> | undefined;
  /** What its wall is made of, from inside to outside: its glass, and colour where it is laid. */
  readonly layers: readonly WallShare[];
  readonly stages: readonly Stage[];
  readonly stock: StockPlan | undefined;
}

/** A bit, with the stock it takes at the torch (all its copies together). */
export interface PlannedBit extends ReadBit {
  readonly input: BitInput;
  readonly stock: StockPlan | undefined;
}

/** A place that keeps the piece from being planned. `part` counts from 0; `bit` is set instead for a bit. */
export interface PieceProblem extends ShapeProblem {
  readonly part: number;
  readonly bit?: number | undefined;
}

/** Everything derived, or the problems of the drawing. */
export type Derived =
  | {
      readonly ok: true;
      readonly parts: readonly PlannedPart[];
      readonly bits: readonly PlannedBit[];
      readonly whole: Whole;
      /** The part everything hangs on: the vessel, or the heaviest. */
      readonly main: PlannedPart;
      readonly closures: readonly { readonly name: string; readonly fit: ClosureFit }[];
      readonly readings: Readings;
      /** The main part's gathers; every part has its own in `parts`. */
      readonly gathers: GatherPlan | undefined;
      readonly stock: StockPlan | undefined;
      /** What tonight is worked out from; the night itself is `checkedSchedule`'s, and nobody else's. */
      readonly night: ScheduleInput;
      /** What was laid on the shelf, fired. */
      readonly fired: FiredPiece | undefined;
    }
  | {
      readonly ok: false;
      readonly problems: readonly PieceProblem[];
      /** What could be drawn of each part all the same. */
      readonly lines: readonly (OuterLine | undefined)[];
      readonly shapes: readonly (Shape | undefined)[];
    };

/** Derives it all. Pure, a few milliseconds for ten parts: called on every move of a drag. */
export function derive(drawn: PieceInput, glass: Glass, shop: ShopFacts = NO_SHOP): Derived {
  const box = boxFor(drawn.firing, shop);
  const { piece, fired } = asFired(drawn, glass, box);
  const glassOf = (id: string | undefined): Glass =>
    id === undefined ? glass : (shop.rack.glass(id) ?? glass);
  const read = piece.parts.map((p, i) => readPart(p, i, glassOf(p.glass)));
  const walls = read.flatMap((r) => (r.ok ? [r.part] : []));
  const readBits = (piece.bits ?? []).map((b, i) =>
    readBit(followed(b, walls), i, glassOf(b.glass)),
  );
  const problems: PieceProblem[] = [
    ...read.flatMap((r, part) => (r.ok ? [] : r.problems.map((p) => ({ ...p, part })))),
    ...readBits.flatMap((r, bit): PieceProblem[] =>
      r.ok ? [] : [{ part: -1, bit, point: 0, field: 'radius', given: NaN, message: r.message }],
    ),
  ];
  const parts = walls;
  const bits = readBits.flatMap((r) => (r.ok ? [r.bit] : []));
  if (problems.length > 0 || parts.length === 0)
    return {
      ok: false,
      problems,
      lines: read.map((r) => (r.ok ? r.part.shape.outer : r.outer)),
      shapes: read.map((r) => (r.ok ? r.part.shape : undefined)),
    };
  const planned = parts.map((part) => plannedPart(piece, glass, shop, fired, part));
  const whole = wholePiece(planned, bits, piece.fillLine);
  const main = mainPart(planned, whole);
  return {
    ok: true,
    parts: planned,
    bits: bits.map((b) => plannedBit(piece, b)),
    whole,
    main,
    closures: closuresOf(piece, planned, whole),
    readings: readings(whole),
    gathers: main.gathers,
    stock: main.stock,
    night: nightInput(piece, glass, { shop, box, fired, glassOf }, { parts, bits, whole }),
    fired,
  };
}

/** What a part is planned with: how deep it is dipped, what is laid on it, its layers for the glass that is its own. */
interface Planning {
  readonly piece: PieceInput;
  readonly glass: Glass;
  readonly shop: ShopFacts;
  readonly fired: FiredPiece | undefined;
  readonly part: Part;
  readonly input: PartInput | undefined;
  readonly asked: number;
  readonly dip: { readonly ironDiameter: number; readonly depth: number };
  readonly laid: readonly LaidColour[];
  readonly ofStock: LaidColour['colour'] | undefined;
  readonly layersOf: (gathered: readonly number[]) => WallShare[];
}

/** What glass without gathers has none of. */
const UNGATHERED = { gathers: undefined, gathering: undefined, stages: [], stock: undefined };

/** A part with how its glass comes to it. */
function plannedPart(
  piece: PieceInput,
  glass: Glass,
  shop: ShopFacts,
  fired: FiredPiece | undefined,
  part: Part,
): PlannedPart {
  const { making } = piece;
  const input = piece.parts[part.index];
  const asked = input?.iron?.depth ?? making.dipDepth;
  const dip = {
    ironDiameter: input?.iron?.diameter ?? making.ironDiameter,
    depth: dipIn(asked, shop.potDepth),
  };
  const laid = (input?.colours ?? []).flatMap(({ colour, ...layer }) => {
    const known = shop.rack.colour(colour);
    return known ? [{ colour: known, ...layer }] : [];
  });
  const ofStock =
    piece.way === 'torch' && input?.stock?.colour !== undefined
      ? shop.rack.colour(input.stock.colour)
      : undefined;
  const layersOf = (gathered: readonly number[]): WallShare[] =>
    layWall({ glass: part.glass, gathered, dip, laid, own: ofStock });
  const planning = { piece, glass, shop, fired, part, input, asked, dip, laid, ofStock, layersOf };
  return piece.way === 'kiln'
    ? ofKiln(planning)
    : piece.way === 'torch'
      ? atTorch(planning)
      : gathered(planning);
}

/** Laid in the kiln: of the sheet it was laid from. */
function ofKiln({ piece, glass, shop, fired, part, layersOf }: Planning): PlannedPart {
  const layers =
    fired && piece.kiln
      ? kilnLayers(piece.kiln, glass, (id) => shop.rack.colour(id))
      : layersOf([part.shape.glassVolume]);
  return {
    ...part,
    mass: massOf(part, layers),
    ...UNGATHERED,
    layers,
  };
}

/** At the torch: of stock. */
function atTorch({ piece, part, input, ofStock, layersOf }: Planning): PlannedPart {
  const { making } = piece;
  // What colour brings is not cut from the stock.
  const { glassVolume } = part.shape;
  const clear = Math.max(
    glassVolume - colourIn(layersOf([glassVolume])),
    LEAST_CLEAR * glassVolume,
  );
  const layers = layersOf([clear]);
  return {
    ...part,
    mass: massOf(part, layers),
    ...UNGATHERED,
    layers,
    stock: stockOf(
      { ...part.glass, density: ofStock?.density ?? part.glass.density },
      clear,
      making.allowance,
      input?.stock ??
        (part.work === 'blown'
          ? asStock(making.tube)
          : ordinaryRod(clear * (1 + making.allowance))),
    ),
  };
}

/** At the furnace: gathered. */
function gathered({ piece, shop, part, asked, dip, laid, layersOf }: Planning): PlannedPart {
  const { making } = piece;
  const gathering = {
    glass: part.glass,
    allowance: making.allowance,
    potTemperature: making.potTemperature,
    dip,
    layerFactor: shop.layerFactor(dip.ironDiameter, part.glass),
    ...(dip.depth < asked && { asked }),
  };
  const layered = (plan: GatherPlan): WallShare[] =>
    layersOf(plan.gathers.map((g) => g.total / part.glass.density));
  // How much a coat brings depends on how wide the glass is: gathered without it first, then with what that brings.
  const all = { ...gathering, mass: part.mass * (shop.made?.weight ?? 1) };
  const bare = planGathers(all);
  const colour = layered(bare).flatMap(({ laid: k, volume }) =>
    k === undefined ? [] : [{ after: laid[k]?.after ?? 1, volume }],
  );
  const gathers = colour.length > 0 ? planGathers({ ...all, colour }) : bare;
  const layers = layered(gathers);
  const stages = stagesOf(part, { gathers: gathers.gathers, colour }, dip, shop);
  return {
    ...part,
    mass: massOf(part, layers),
    gathers: { ...gathers, gathers: asStaged(gathers.gathers, stages) },
    gathering,
    layers,
    stages,
    stock: undefined,
  };
}

/** A bit with the stock it takes, at the torch. */
const plannedBit = ({ way, making }: PieceInput, b: ReadBit & { input: BitInput }): PlannedBit => ({
  ...b,
  stock:
    way === 'torch' && b.mass > 0
      ? stockOf(
          b.glass,
          b.measure.volume,
          making.allowance,
          b.input.stock ??
            ordinaryRod(
              (b.measure.volume / b.input.place.copies) * (1 + making.allowance),
              Math.min(b.measure.thickness, ORDINARY_ROD),
            ),
        )
      : undefined,
});

/** What the night is worked out from: the walls this shop makes; everything else is as drawn. */
function nightInput(
  piece: PieceInput,
  glass: Glass,
  {
    shop,
    box,
    fired,
    glassOf,
  }: {
    readonly shop: ShopFacts;
    readonly box: Box;
    readonly fired: FiredPiece | undefined;
    readonly glassOf: (id: string | undefined) => Glass;
  },
  {
    parts,
    bits,
    whole,
  }: {
    readonly parts: readonly Part[];
    readonly bits: readonly (ReadBit & { input: BitInput })[];
    readonly whole: Whole;
  },
): ScheduleInput {
  const { firing } = piece;
  const cooled = madeThick(piece.parts, parts, shop.made?.wall ?? 1, glassOf);
  const { step } = cooled === parts ? whole : wholePiece(cooled, bits, piece.fillLine);
  const ruling = rulingWall(cooled, bits);
  const section = realSectionOf(cooled, bits);
  const standing = {
    ...ORDINARY_STANDING,
    // It lies on the shelf it was made on.
    ...(piece.way === 'kiln' && { stands: 'shelf' as const }),
    ...firing.standing,
  };
  return {
    glass,
    gives: givesMost(parts.filter((p) => p.role === 'joined').map(bears)),
    wall: fired
      ? kilnWall(fired, fired.firings.length)
      : {
          ...ruling,
          stepThick: step.thick,
          stepThin: step.thin,
        },
    ...(section &&
      !fired && {
        drawn: { section, standing },
        apart: apartOf(cooled).map((s) => ({ section: s, standing })),
        beside: besideSection(
          cooled,
          bits.filter((b) => !isRing(b.input)),
        ),
      }),
    practice: firing.practice,
    inHand: firing.inHand ?? IN_HAND,
    holdTemperature: firing.holdTemperature ?? glass.annealing,
    doorTemperature: firing.doorTemperature,
    assumes: { restraint: firing.restraint, liquidRatio: firing.liquidRatio },
    box,
    // In the kiln nobody is waited for.
    holding: piece.way === 'kiln' ? 0 : holdingSeconds(firing.firstIn, firing.lastIn),
  };
}

/** The box it goes into: the shop's, where it is named and known. */
export const boxFor = (
  firing: Pick<PieceInput['firing'], 'annealer' | 'boxCoolingTime'>,
  shop: Pick<ShopFacts, 'annealer'>,
): Box =>
  (firing.annealer !== undefined ? shop.annealer(firing.annealer) : undefined) ??
  boxOf({ coolingTime: firing.boxCoolingTime });

/** Gathers as wide as the stages have them, bubble and colour in them, with the block to take: what calipers are set to. */
const asStaged = (gathers: readonly Gather[], stages: readonly Stage[]): Gather[] =>
  gathers.map((g, i) => {
    const stage = stages.find((s) => s.gather === i + 1);
    return stage ? { ...g, diameter: stage.diameter, block: stage.block } : g;
  });

/** Colour among a wall's layers, m³. */
const colourIn = (layers: readonly WallShare[]): number =>
  layers.reduce((sum, l) => sum + (l.laid === undefined ? 0 : l.volume), 0);
/** However much colour is laid, so much of a part is its own glass. */
const LEAST_CLEAR = 0.03;

/** What a part weighs with its colours in it, kg: every layer its share of the glass, at its own density. */
const massOf = ({ shape, glass }: Part, layers: readonly WallShare[]): number =>
  shape.glassVolume *
  layers.reduce((sum, l) => sum + l.share * (l.colour?.density ?? glass.density), 0);

const zoned = new WeakMap<Shape, readonly HeatZone[]>();
/** A part as what it bears asks for it; its zones are kept with its form. */
function bears({ name, glass, shape }: Part): {
  readonly name: string;
  readonly density: number;
  readonly zones: readonly HeatZone[];
} {
  const zones = zoned.get(shape) ?? zonesOf(shape, glass);
  zoned.set(shape, zones);
  return { name, density: glass.density, zones };
}

const asStock = (tube: Tube): Stock => ({ diameter: tube.outerDiameter, wall: tube.wall });

/** Rod is sold so thick, m; and nobody starts with more of it than so long, m. Common practice, no source. */
const RODS = [0.005, 0.007, 0.01, 0.014, 0.02, 0.025, 0.03, 0.04] as const;
const LONGEST_START = 0.3;
const ORDINARY_ROD = 0.01;

/** The rod a solid part or a bit is made from until another is chosen: the thinnest of which no long end is needed, `least` thick. */
const ordinaryRod = (volume: number, least = ORDINARY_ROD): Stock => ({
  diameter:
    RODS.find((d) => d >= least && volume / ((Math.PI / 4) * d * d) <= LONGEST_START) ??
    RODS[RODS.length - 1] ??
    0.04,
});

/** A plan, unless the stock is tubing without a bore. */
const stockOf = (
  glass: Glass,
  volume: number,
  allowance: number,
  stock: Stock,
): StockPlan | undefined =>
  stock.wall === undefined || 2 * stock.wall < stock.diameter
    ? planStock(glass, volume, allowance, stock)
    : undefined;

const mainPart = (parts: readonly PlannedPart[], whole: Whole): PlannedPart =>
  parts.find((p) => p.index === whole.vessel?.index) ??
  parts.reduce((a, b) => (b.mass > a.mass ? b : a));

function stagesOf(
  part: Part,
  plan: Pick<StageInput, 'gathers' | 'colour'>,
  dip: { readonly ironDiameter: number; readonly depth: number },
  shop: ShopFacts,
): Stage[] {
  const { shape } = part;
  return stagePlan({
    ...plan,
    density: part.glass.density,
    dip,
    work: part.work,
    final: {
      diameter: 2 * shape.widest,
      height: shape.height,
      wall: shape.glassVolume / shape.outsideArea,
      glass: shape.glassVolume,
    },
    blocks: shop.blocks,
  });
}

function closuresOf(
  piece: PieceInput,
  parts: readonly Part[],
  whole: Whole,
): { name: string; fit: ClosureFit }[] {
  const { vessel } = whole;
  if (!vessel) return [];
  const ovality = piece.closure?.ovality ?? 0;
  const found = parts
    .filter((p) => p.role === 'stopper')
    .map((p) => ({
      name: p.name,
      fit: fitClosure(vessel.shape, stopperPlug(p.shape, p.name), ovality),
    }));
  const cork = piece.closure?.cork;
  if (cork) found.push({ name: tr`cork`, fit: fitClosure(vessel.shape, corkPlug(cork), ovality) });
  return found;
}
