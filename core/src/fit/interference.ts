// The colours of crossed polarisers: white light through a retarding glass, wavelength by wavelength, to the eye and to the screen.

/** Wavelengths, nm. */
const FROM = 390;
const TO = 720;
const STEP = 10;

/** The eye's three responses (CIE 1931) as sums of lobes: Wyman, Sloan & Shirley, J. Computer Graphics Techniques 2 (2013). */
function eye(nm: number): readonly [number, number, number] {
  const lobe = (peak: number, below: number, above: number): number => {
    const t = (nm - peak) * (nm < peak ? below : above);
    return Math.exp(-0.5 * t * t);
  };
  return [
    0.362 * lobe(442, 0.0624, 0.0374) +
      1.056 * lobe(599.8, 0.0264, 0.0323) -
      0.065 * lobe(501.1, 0.049, 0.0382),
    0.821 * lobe(568.8, 0.0213, 0.0247) + 0.286 * lobe(530.9, 0.0613, 0.0322),
    1.217 * lobe(437, 0.0845, 0.0278) + 0.681 * lobe(459, 0.0385, 0.0725),
  ];
}

const LAMBDAS = Array.from({ length: (TO - FROM) / STEP + 1 }, (_, i) => FROM + i * STEP);
const EYES = LAMBDAS.map(eye);
/** An even white light through nothing is white on the screen. */
const WHITE = [0, 1, 2].map((k) => EYES.reduce((s, e) => s + (e[k] as number), 0));
/** XYZ of an even white, scaled to that of D65, to linear sRGB (IEC 61966-2-1). */
const D65 = [0.9505, 1, 1.089] as const;
const TO_RGB = [
  [3.2406, -1.5372, -0.4986],
  [-0.9689, 1.8758, 0.0415],
  [0.0557, -0.204, 1.057],
] as const;
const shown = (v: number): number => {
  const x = Math.min(1, Math.max(0, v));
  return Math.round(255 * (x <= 0.0031308 ? 12.92 * x : 1.055 * x ** (1 / 2.4) - 0.055));
};

/**
 * A full-wave plate retards so much, nm (sold as 530 to 565): with it nothing is purple in even white light, and a little more or less
 * is blue or orange.
 */
export const TINT_PLATE = 535;

/**
 * What is seen of a retardation (nm), as red, green and blue from 0 to 255. `along` is the part of it in the plate's own directions and
 * `aslant` what is at 45° to them; `plate` is the plate's retardation, 0 for none, when light and dark do not depend on direction.
 */
export function interferenceColour(
  along: number,
  aslant: number,
  plate: number,
): readonly [number, number, number] {
  const one = along + plate;
  const whole = Math.hypot(one, aslant);
  // With a plate the polarisers stand at 45° to it; without one they are circular.
  const share = plate === 0 || whole === 0 ? 1 : (one / whole) ** 2;
  const xyz = [0, 0, 0];
  LAMBDAS.forEach((nm, i) => {
    const through = share * Math.sin((Math.PI * whole) / nm) ** 2;
    for (let k = 0; k < 3; k += 1) xyz[k] = (xyz[k] as number) + through * (EYES[i]?.[k] as number);
  });
  const scaled = xyz.map((v, k) => (v / (WHITE[k] as number)) * (D65[k] as number));
  const [red, green, blue] = TO_RGB.map((row) =>
    shown(row.reduce((s, m, k) => s + m * (scaled[k] as number), 0)),
  );
  return [red as number, green as number, blue as number];
}
