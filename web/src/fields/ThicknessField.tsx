// A field for very thin layers: micrometres where a millimetre would be nearly nothing.
import { printText, readQuantity, type DisplayUnits } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useDisplay } from '../stores/display';
import { fieldBounds, type FieldBounds } from './bounds';
import { TypedField } from './TypedField';

interface Props extends FieldBounds {
  readonly label: string;
  readonly value: number;
  readonly onCommit: (value: number) => void;
}

const THIN = 1e-4;

/** Three figures, without noughts that say nothing. */
const plain = (v: number, { decimal = '.' }: DisplayUnits): string =>
  String(Number(v.toPrecision(3))).replace('.', decimal);

/** "0.2 µm", "30 µm", "3 mm". */
export const thicknessText = (v: number, units: DisplayUnits): string =>
  v < THIN
    ? `${plain(v * 1e6, units)} µm`
    : units.length === 'in'
      ? printText(v, 'length', units)
      : `${plain(v * 1e3, units)} mm`;

/** Reads µm, and everything a length reads; bare numbers are the person’s own unit. */
export function readThickness(text: string, units: DisplayUnits): number | undefined {
  const micro = /^\s*([\d.,]+)\s*(?:µm|μm|um|micron|microns)\s*$/i.exec(text);
  if (micro) {
    const n = Number((micro[1] as string).replace(',', '.'));
    return Number.isFinite(n) ? n * 1e-6 : undefined;
  }
  const read = readQuantity(text, 'length', units);
  return read.ok ? read.value : undefined;
}

/** A thickness, down to a hundredth of a millimetre. */
export function ThicknessField({ label, value, onCommit, ...bounds }: Props) {
  const { min, max } = fieldBounds(bounds);
  const units = useDisplay((s) => s.units);
  return (
    <TypedField
      label={label}
      shown={thicknessText(value, units)}
      read={(text) => {
        const v = readThickness(text, units);
        return v !== undefined && v >= min && v <= max
          ? { ok: true, value: v }
          : {
              ok: false,
              problem: tr`${label}: given “${text}”; allowed ${thicknessText(min, units)} to ${thicknessText(max, units)}.`,
            };
      }}
      onCommit={onCommit}
    />
  );
}
