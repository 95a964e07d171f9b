// How deep glass looks here, by Beer–Lambert.

/** Share of light left after 12 mm of glass, per colour: deeper than real clear glass, so that walls can be told. */
const TINT_AT = 0.012;
/** Clear glass as it is shown, linear RGB through the scale's depth. */
export const TINT = [0.5, 0.79, 0.77] as const;

/** Absorption of clear glass as it is drawn, 1/m. */
const sigma = (t: number): number => -Math.log(t) / TINT_AT;
/** The same for each colour. */
export const CLEAR_SIGMA = [sigma(TINT[0]), sigma(TINT[1]), sigma(TINT[2])] as const;
/** Light left, per colour, after so much glass (m). */
export const lightAfter = (thickness: number): readonly number[] =>
  TINT.map((t) => t ** (thickness / TINT_AT));
