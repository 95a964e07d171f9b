// Quantities: what kinds of number the trade uses, and the factor between each unit and SI.

/** Kinds of quantity. Core values are SI, except temperatures (°C) and temperature differences (K). */
export type QuantityKind =
  | 'length'
  | 'mass'
  | 'temperature'
  | 'temperatureDifference'
  | 'rate'
  | 'time'
  | 'volume'
  | 'area'
  | 'stress'
  | 'angle'
  | 'ratio'
  | 'count'
  | 'viscosity'
  | 'density'
  | 'heatTransfer'
  | 'diffusivity'
  | 'modulusPerKelvin'
  | 'speed'
  | 'power'
  | 'heatCapacity'
  | 'energy'
  | 'expansion';

/** A unit as `SI = (written − offset) × factor`; `spellings` are what people type, lower case. */
export interface Unit {
  readonly symbol: string;
  readonly factor: number;
  readonly offset: number;
  readonly spellings: readonly string[];
}

const unit = (symbol: string, factor: number, spellings: readonly string[], offset = 0): Unit => ({
  symbol,
  factor,
  offset,
  spellings,
});

// Exact factors: inch 25.4 mm, avoirdupois pound 0.45359237 kg, US fluid ounce 29.5735295625 ml
// (NIST Special Publication 811, Guide for the Use of the SI, appendix B).
/** Exact (international yard, 1959). */
export const METRES_PER_INCH = 0.0254;
/** Exact (international pound, 1959). */
export const KILOGRAMS_PER_POUND = 0.45359237;
/** Exact, from the US gallon of 231 cubic inches. */
export const CUBIC_METRES_PER_US_FLUID_OUNCE = 29.5735295625e-6;

/** Every unit a field understands, by kind; the first of each list is the SI-side default. */
export const UNITS = {
  length: [
    unit('mm', 1e-3, ['mm', 'millimetre', 'millimetres', 'millimeter', 'millimeters']),
    unit('cm', 1e-2, ['cm', 'centimetre', 'centimetres', 'centimeter', 'centimeters']),
    unit('m', 1, ['m', 'metre', 'metres', 'meter', 'meters']),
    unit('in', METRES_PER_INCH, ['in', 'inch', 'inches', '"', '″', '”']),
    unit('ft', 12 * METRES_PER_INCH, ['ft', 'foot', 'feet', "'", '′']),
  ],
  mass: [
    unit('g', 1e-3, ['g', 'gram', 'grams', 'gr']),
    unit('kg', 1, ['kg', 'kilo', 'kilos']),
    unit('lb', KILOGRAMS_PER_POUND, ['lb', 'lbs', 'pound', 'pounds']),
    unit('oz', KILOGRAMS_PER_POUND / 16, ['oz', 'ounce', 'ounces']),
  ],
  temperature: [
    unit('°C', 1, ['°c', 'c', 'ºc', 'celsius', 'degc']),
    unit('°F', 5 / 9, ['°f', 'f', 'ºf', 'fahrenheit', 'degf'], 32),
  ],
  temperatureDifference: [
    unit('°C', 1, ['°c', 'c', 'k', 'ºc']),
    unit('°F', 5 / 9, ['°f', 'f', 'ºf']),
  ],
  rate: [
    unit('°C/h', 1 / 3600, ['°c/h', 'c/h', 'k/h', 'c/hr', '°c/hr']),
    unit('°F/h', 5 / 9 / 3600, ['°f/h', 'f/h', 'f/hr', '°f/hr']),
  ],
  time: [
    unit('h', 3600, ['h', 'hr', 'hrs', 'hour', 'hours']),
    unit('min', 60, ['min', 'mins', 'minute', 'minutes', 'm']),
    unit('s', 1, ['s', 'sec', 'secs', 'second', 'seconds']),
  ],
  volume: [
    unit('ml', 1e-6, ['ml', 'millilitre', 'milliliter', 'cc']),
    unit('l', 1e-3, ['l', 'litre', 'liter']),
    unit('fl oz', CUBIC_METRES_PER_US_FLUID_OUNCE, ['fl oz', 'floz']),
  ],
  angle: [unit('°', Math.PI / 180, ['°', 'deg', 'degree', 'degrees'])],
  power: [unit('kW', 1e3, ['kw', 'kilowatt', 'kilowatts']), unit('W', 1, ['w', 'watt', 'watts'])],
  heatCapacity: [
    unit('kJ/K', 1e3, ['kj/k', 'kj/°c', 'kj/c']),
    unit('J/K', 1, ['j/k', 'j/°c', 'j/c']),
  ],
  ratio: [unit('%', 0.01, ['%', 'percent', 'per cent'])],
} as const satisfies Partial<Record<QuantityKind, readonly Unit[]>>;

/** Kinds a person may type into a field. */
export type TypedKind = keyof typeof UNITS;

/** Which unit each kind is shown in; the user's switch. */
export interface DisplayUnits {
  readonly temperature: 'C' | 'F';
  readonly length: 'mm' | 'in';
  readonly mass: 'g' | 'lb';
  /** The decimal sign numbers are written with; a point when left out. Both are read. */
  readonly decimal?: '.' | ',' | undefined;
}

/** Metric display, the default. */
export const METRIC: DisplayUnits = { temperature: 'C', length: 'mm', mass: 'g' };

/** The unit a typed number without one is taken to be in, and the one the field prints. */
export function displayUnit(kind: TypedKind, display: DisplayUnits): Unit {
  const pick: Record<TypedKind, string> = {
    length: display.length,
    mass: display.mass,
    temperature: display.temperature === 'C' ? '°C' : '°F',
    temperatureDifference: display.temperature === 'C' ? '°C' : '°F',
    rate: display.temperature === 'C' ? '°C/h' : '°F/h',
    time: 'h',
    volume: display.length === 'mm' ? 'ml' : 'fl oz',
    angle: '°',
    power: 'kW',
    heatCapacity: 'kJ/K',
    ratio: '%',
  };
  const units: readonly Unit[] = UNITS[kind];
  return units.find((u) => u.symbol === pick[kind]) ?? (units[0] as Unit);
}

/** SI (or °C) from a number written in `u`. */
export const toSI = (written: number, u: Unit): number => (written - u.offset) * u.factor;

/** The number to write in `u` for an SI (or °C) value. */
export const fromSI = (value: number, u: Unit): number => value / u.factor + u.offset;
