// What numbers may be, once: the schemas take them from here, and so do the fields on screen. SI; temperatures °C.

/** A number's range, both ends allowed. */
export interface Limits {
  readonly minimum: number;
  readonly maximum: number;
}

const from = (minimum: number, maximum: number): Limits => ({ minimum, maximum });

/** Ranges shared by whatever measures the same thing. */
export const LIMITS = {
  /** Anywhere on a drawing, m. */
  coordinate: from(-2, 2),
  /** A radius, m; 0 on the axis. */
  radius: from(0, 2),
  /** A wall square to the outside, m. */
  wall: from(0.0003, 0.5),
  /** A pulled tangent, m per m of chord. */
  slope: from(-20, 20),
  /** A measure of something drawn by hand: a bit, a cork, a figure, m. */
  measure: from(0.0002, 2),
  /** An iron, across, m. */
  iron: from(0.004, 0.08),
  /** Glass standing in the pot, m. */
  potDepth: from(0.02, 1),
  /** An iron's dip, m. */
  dip: from(0.01, 0.3),
  /** Rod or tubing a part is made from, across, m. */
  stockAcross: from(0.001, 0.3),
  /** Wall of tubing, m. */
  tubeWall: from(0.0003, 0.05),
  /** A step, s: up to two days. */
  stepSeconds: from(0, 172800),
  /** When one begins, s from the first gather: irons and bars are warm before it. */
  stepStart: from(-172800, 1728000),

  /** A part that is not round: deep against wide, how square, grooves and flats against the radius, an outline to any size. */
  depthAcross: from(0.05, 1),
  squareness: from(1, 20),
  cutIn: from(0, 0.9),
  flats: from(1, 24),
  outline: from(-1000, 1000),
  /** Turns of a wrap, and how far it rises each, m. */
  wrapTurns: from(0.05, 60),
  wrapPitch: from(-0.5, 0.5),
  /** Copies of a bit round the axis, and any angle, rad. */
  bitCopies: from(1, 60),
  angle: from(-7, 7),
  /** Figures of a pattern round the piece. */
  figureCopies: from(1, 200),
  /** Widest less narrowest across a mouth, m. */
  ovality: from(0, 0.1),

  /** Colour between gathers: after which, and how much. */
  afterGather: from(1, 12),
  barLength: from(0.001, 1),
  barAcross: from(0.002, 0.1),
  colourMass: from(0.0001, 10),
  passes: from(1, 60),
  pinches: from(1, 200),
  caneCount: from(1, 400),
  caneAcross: from(0.0005, 0.05),
  caneLength: from(0.001, 1),
  coats: from(1, 60),
  coatThickness: from(1e-8, 0.03),
  lumps: from(1, 2000),
  lumpAcross: from(0.0001, 0.2),
  /** How far two expansions may differ, 1/K; pieces made of a plan. */
  tolerance: from(0, 2e-6),
  pieces: from(1, 1000),
  /** How far a student's measure may be off: m, or a share of the drawing's. */
  offDrawn: from(0, 1),
  atOnce: from(1, 6),

  /** Canes laid round a bubble. */
  bubble: from(0.005, 1),
  laidLength: from(0.005, 2),
  billetAcross: from(0.002, 0.3),
  billetLength: from(0.005, 2),
  lost: from(0, 0.9),
  twist: from(0, 1.4),
  ribs: from(2, 120),
  ribRise: from(0.0002, 0.05),

  /** How a piece is made. */
  potTemperature: from(700, 1500),
  allowance: from(0, 1),
  tubeAcross: from(0.002, 0.3),
  /** How many of a station a shop has. */
  stations: from(1, 6),

  /** A moment, ms since 1970: to the year 2200. A revision. What somebody read off: m, kg, °C. */
  moment: from(0, 7_258_118_400_000),
  revision: from(1, 1_000_000_000),
  reading: from(-50, 2000),
  /** What a finished piece measures: m, kg or m³. */
  finished: from(0, 100),
  /** Who goes on beside whom at the bench. What steps take against what is ordinary. */
  lanes: from(0, 12),
  /** Retardation seen between polarisers, nm: beyond some six orders no colour is told from the next. */
  retarded: from(0, 5000),
  /** What is let pass when a finished piece is measured: m, or a share. */
  letPass: from(0.0001, 0.02),
  letPassShare: from(0.001, 0.5),
  /** A pot's inside, m; what is charged or taken at once, kg; glass standing in it, m; a furnace, W. */
  potSize: from(0.05, 2),
  charge: from(0.01, 2000),
  dipped: from(0, 2),
  furnacePower: from(100, 500_000),
  /** In the studio's own money. */
  money: from(0, 100_000),
  /** A shop that makes it more than half as much again, or less than two thirds, has measured something else. */
  madeOfDrawn: from(0.66, 1.5),
  exchange: from(0.5, 2),
  pace: from(0.2, 5),

  /** The night. */
  holdTemperature: from(300, 800),
  doorTemperature: from(30, 200),
  boxCoolingTime: from(600, 604800),
  restraint: from(0, 1),
  /** Inside corners rounded by, m; how much of the box a side sees; what of the practice is held in hand. */
  cornersRounded: from(0.0003, 0.01),
  sees: from(0, 1),
  inHand: from(0, 0.8),
  liquidRatio: from(1, 5),
  recipeTemperature: from(0, 1200),
  recipeHold: from(0, 31622400),

  /** What is laid in a kiln, m: a shape, a place on the shelf, how thick; a mould; where glass flows, °C. */
  laidSize: from(0.001, 2),
  laidSpot: from(-1.5, 1.5),
  laidThick: from(0.0002, 0.1),
  mouldDeep: from(0.002, 0.6),
  mouldDepth: from(0, 0.6),
  kilnHeat: from(400, 950),

  /** The shop's things, m. */
  annealerSize: from(0.05, 5),
  blockInside: from(0.02, 0.5),
  gloryMouth: from(0.02, 3),
  gloryReach: from(0.02, 5),
  gloryHeat: from(700, 1500),
  stickLength: from(0.05, 5),
  /** Glass on the scale, kg; a learned factor. */
  weighed: from(0.001, 100),
  layerFactor: from(0.1, 10),
  /** A colour's sample, m; stock on the rack: kg or m, and across, m. */
  sample: from(1e-8, 0.2),
  rackAmount: from(0, 5000),
  rackAcross: from(0.0002, 0.5),

  /** A thread of two glasses, m. */
  threadLength: from(0.02, 3),
  threadBow: from(0, 1),
  threadHalf: from(0.00005, 0.02),
  threadError: from(0, 0.02),
  /** A chip between polarisers, nm/cm or discs, through so much glass, m. */
  halo: from(0, 5000),
  haloError: from(0, 1000),
  discs: from(0, 40),
  discsError: from(0, 10),
  lookedThrough: from(0.0005, 0.3),
} as const satisfies Record<string, Limits>;

/** What each number may be: what a glass, a metal or a mineral could have, with room. */
export const QUANTITY_LIMITS = {
  expansion: { minimum: 3e-7, maximum: 300e-7, description: 'mean 20–300 °C, 1/K' },
  strainPoint: { minimum: 250, maximum: 2100, description: 'log η 13.5, °C' },
  annealing: { minimum: 300, maximum: 2100, description: 'log η 12, °C' },
  softening: { minimum: 350, maximum: 2100, description: 'log η 6.6, °C' },
  working: { minimum: 400, maximum: 2500, description: 'log η 3, °C' },
  density: { minimum: 500, maximum: 23000, description: 'kg/m³' },
  youngsModulus: { minimum: 1e9, maximum: 500e9, description: 'Young’s modulus, Pa' },
  poisson: { minimum: 0, maximum: 0.49, description: 'Poisson’s ratio' },
  conductivity: { minimum: 0.1, maximum: 500, description: 'W/(m·K)' },
  specificHeat: { minimum: 50, maximum: 3000, description: 'J/(kg·K)' },
  stressOptical: { minimum: 0, maximum: 10e-12, description: '1/Pa' },
} as const;

/** What an annealer's figures may be. */
export const ANNEALER_LIMITS = {
  coolingTime: {
    minimum: 600,
    maximum: 604800,
    description: 'off, till 37 % of the excess over the room is left, s',
  },
  power: { minimum: 100, maximum: 500000, description: 'most heat, W' },
  capacity: {
    minimum: 500,
    maximum: 50000000,
    description: 'heat it takes to warm box and load by a kelvin, J/K',
  },
  unevenness: {
    minimum: 0,
    maximum: 100,
    description: 'between its hottest and its coldest place at annealing heat, K',
  },
} as const;

/** Lines of the log that come at once; who wants them all asks on from there. */
export const LOG_AT_ONCE = 1000;
