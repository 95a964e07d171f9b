// What a piece costs: glass and colour, fuel and power by their use, hours by who works, what is used up; and the losses, which the good ones carry.
import { attemptsFor, countedLost } from '../log/attempts';
import { tr } from '../words/tr';

/** What a shop pays, in its own money. */
export interface Prices {
  /** An hour of whoever leads, and of each who helps. */
  readonly hour: number;
  readonly helper: number;
  /** A kilogram of clear glass as it is charged, and of colour. */
  readonly glass: number;
  readonly colour: number;
  /** A kilowatt hour, of whatever heats. */
  readonly kwh: number;
  /** Used up by each piece: paper, wax, tools’ share. */
  readonly consumables: number;
}

/** A furnace that stands hot day and night, whoever gathers from it. */
export interface StandingHot {
  /** W it loses all the time. */
  readonly loses: number;
  /** Shared by the kilograms that are gathered, or by the hours the bench is worked; a month of either. */
  readonly by: 'kilograms' | 'hours';
  readonly kilograms: number;
  readonly hours: number;
}

/** What one attempt at a piece takes. SI. */
export interface Attempt {
  /** Gathered with its moil, kg; of which so much goes back into the pot clear. Torch stock alike. */
  readonly glass: number;
  readonly returned: number;
  readonly colour: number;
  /** What melting a kilogram took, J; nothing for stock. */
  readonly melting: number;
  /** At the bench, s; and how many help all that time. */
  readonly seconds: number;
  readonly helpers: number;
  /** What the glory hole or torch burns, W. */
  readonly burns: number;
  /** Heat of the night of a load, J; and how many stand in it. */
  readonly night: number;
  readonly inLoad: number;
  /** Nothing where it is worked at the torch. */
  readonly furnace: StandingHot | undefined;
}

/** What a piece costs is told by, in order. */
export const COST_PARTS = [
  'glass',
  'colour',
  'hours',
  'furnace',
  'fire',
  'night',
  'used up',
  'losses',
] as const;
/** One of what a cost is told by. */
export type CostPart = (typeof COST_PARTS)[number];

/** One line: its money for each good piece, and how it comes about. */
export interface CostLine {
  readonly part: CostPart;
  readonly money: number;
  readonly how: string;
}

/** What it comes to. */
export interface Cost {
  readonly lines: readonly CostLine[];
  /** Of one attempt, and of one good piece. */
  readonly attempt: number;
  readonly each: number;
  /** Attempts for so many good ones, to be expected, and what those cost. */
  readonly attempts: number;
  readonly all: number;
  /** To be asked for one, so that the margin is so great a share of what is asked. */
  readonly ask: number;
}

const KWH = 3.6e6;
const HOUR = 3600;
/** Days of a month, and its hours. */
const MONTH = 365.25 / 12;
const MONTH_HOURS = 24 * MONTH;
const kwh = (joules: number): string => `${(joules / KWH).toFixed(1)} kWh`;
const kg = (v: number): string => `${v.toFixed(3)} kg`;

/** What a furnace's standing costs one attempt, money, and how. */
export function standingShare(
  furnace: StandingHot,
  { glass, seconds }: Pick<Attempt, 'glass' | 'seconds'>,
  price: number,
): { readonly money: number; readonly how: string } {
  const month = ((furnace.loses * MONTH_HOURS * HOUR) / KWH) * price;
  const told = tr`${(furnace.loses / 1000).toFixed(1)} kW all month`;
  if (furnace.by === 'kilograms')
    return furnace.kilograms > 0
      ? {
          money: (month * glass) / furnace.kilograms,
          how: tr`${told}, ${kg(glass)} of ${furnace.kilograms.toFixed(0)} kg a month`,
        }
      : { money: 0, how: tr`nothing is gathered in a month` };
  return furnace.hours > 0
    ? {
        money: (month * seconds) / HOUR / furnace.hours,
        how: tr`${told}, ${(seconds / HOUR).toFixed(2)} of ${furnace.hours.toFixed(0)} h a month at the bench`,
      }
    : { money: 0, how: tr`no hours are worked in a month` };
}

/**
 * What `count` good pieces cost, of which a share `lost` of the attempts is lost; `margin` is a share of what is asked, under one.
 * Every attempt pays for all of it, its place in the box too: most are lost after the bench or at its end.
 */
export function costOf(
  a: Attempt,
  prices: Prices,
  {
    count,
    lost,
    margin,
  }: { readonly count: number; readonly lost: number; readonly margin: number },
): Cost {
  const net = Math.max(0, a.glass - a.returned);
  const hours = a.seconds / HOUR;
  const standing = a.furnace ? standingShare(a.furnace, a, prices.kwh) : undefined;
  const melting = (a.melting * a.glass) / KWH;
  const fire = a.burns * a.seconds;
  const night = a.night / Math.max(1, a.inLoad);
  const lines: CostLine[] = [
    {
      part: 'glass',
      money: net * prices.glass,
      how: tr`${kg(a.glass)} taken${a.returned > 0 ? tr`, ${kg(a.returned)} back into the pot` : ''}`,
    },
    { part: 'colour', money: a.colour * prices.colour, how: kg(a.colour) },
    {
      part: 'hours',
      money: hours * (prices.hour + a.helpers * prices.helper),
      how: `${hours.toFixed(2)} h${a.helpers > 0 ? (a.helpers === 1 ? tr`, with 1 who helps` : tr`, with ${a.helpers} who help`) : ''}`,
    },
    {
      part: 'furnace',
      money: (standing?.money ?? 0) + melting * prices.kwh,
      how: standing
        ? tr`${standing.how}; ${melting.toFixed(1)} kWh to melt it`
        : tr`no furnace: it is worked from stock`,
    },
    { part: 'fire', money: (fire / KWH) * prices.kwh, how: kwh(fire) },
    {
      part: 'night',
      money: (night / KWH) * prices.kwh,
      how: tr`${kwh(a.night)} for a load of ${a.inLoad}`,
    },
    { part: 'used up', money: prices.consumables, how: tr`paper, wax, tools` },
  ];
  const attempt = lines.reduce((sum, l) => sum + l.money, 0);
  const share = countedLost(lost);
  const each = attempt / (1 - share);
  lines.push({
    part: 'losses',
    money: each - attempt,
    how: tr`${(100 * share).toFixed(0)} of 100 are lost: ${(1 / (1 - share)).toFixed(2)} are made for each good one`,
  });
  return {
    lines,
    attempt,
    each,
    attempts: attemptsFor(count, share),
    all: each * count,
    ask: each / (1 - Math.min(0.99, Math.max(0, margin))),
  };
}

/** An hour at the bench, money: who leads, who helps, the fire that burns. What a loss at the bench costs is told with it too. */
export const benchHour = (
  prices: Pick<Prices, 'hour' | 'helper' | 'kwh'>,
  helpers: number,
  burns: number,
): number => prices.hour + helpers * prices.helper + ((burns * HOUR) / KWH) * prices.kwh;

/** A change that was tried, and what a good piece then costs. */
export interface Cheaper {
  readonly says: string;
  readonly each: number;
  readonly saves: number;
}

/** Tries changes of an attempt or of what is lost; those that save come first, what saves nothing is left out. */
export function cheaper(
  a: Attempt,
  prices: Prices,
  lost: number,
  changes: readonly {
    readonly says: string;
    readonly attempt?: Partial<Attempt>;
    readonly lost?: number;
  }[],
): Cheaper[] {
  const of = (attempt: Attempt, share: number): number =>
    costOf(attempt, prices, { count: 1, lost: share, margin: 0 }).each;
  const now = of(a, lost);
  return changes
    .map(({ says, attempt, lost: share }) => {
      const each = of({ ...a, ...attempt }, share ?? lost);
      return { says, each, saves: now - each };
    })
    .filter((c) => c.saves > 1e-6)
    .sort((x, y) => y.saves - x.saves);
}
