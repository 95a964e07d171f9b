// Constants of nature, and fixed points of the scales, once for all rooms.

/** Stefan–Boltzmann constant, W/(m²·K⁴) (CODATA 2018). */
export const STEFAN_BOLTZMANN = 5.670374419e-8;

/** 0 °C in kelvin, exact by definition (SI brochure, 9th edition). */
export const ZERO_CELSIUS = 273.15;

/** Standard acceleration of free fall, m/s² (3rd CGPM, 1901). */
export const STANDARD_GRAVITY = 9.80665;
