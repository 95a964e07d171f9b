// Choosing torch stock from the rack's list.
import type { Stock } from '@zanfirico/contract/piece';
import { ORDINARY_SHOP } from '@zanfirico/core/piece';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useDisplay } from '../stores/display';
import { useShop } from '../stores/theShop';
import { SelectField } from './SelectField';

interface Props {
  readonly label: string;
  readonly bare?: boolean;
  readonly value: Stock;
  /** Only this glass's stock; any when left out. */
  readonly glass?: string | undefined;
  /** Only tubing, or only rod. */
  readonly only?: 'tube' | 'rod';
  readonly onChange: (stock: Stock) => void;
}

const SAME = 5e-5;

/** Whether two are the same stock. */
export const sameStock = (a: Stock, b: Stock): boolean =>
  Math.abs(a.diameter - b.diameter) < SAME && Math.abs((a.wall ?? 0) - (b.wall ?? 0)) < SAME;

/** Rod or tubing by its measures. */
export function StockField({ label, bare, value, glass, only, onChange }: Props) {
  const stock = useShop((s) => s.shop?.document.stock) ?? ORDINARY_SHOP.stock;
  const units = useDisplay((s) => s.units);
  const offered = (stock as readonly (Stock & { glass: string })[]).filter(
    (s) =>
      (glass === undefined || s.glass === glass) &&
      (only === undefined || (only === 'tube') === (s.wall !== undefined)),
  );
  const at = offered.findIndex((s) => sameStock(s, value));
  return (
    <SelectField
      label={label}
      bare={bare}
      value={at}
      onChange={(to) => {
        const taken = offered[Number(to)];
        if (taken)
          onChange({
            diameter: taken.diameter,
            ...(taken.wall !== undefined && { wall: taken.wall }),
            ...(value.colour !== undefined && { colour: value.colour }),
          });
      }}
    >
      {at < 0 && <option value={-1}>{tr`${stockWords(value, units)}, not in the rack`}</option>}
      {offered.map((s, i) => (
        <option key={i} value={i}>
          {stockWords(s, units)}
        </option>
      ))}
    </SelectField>
  );
}

/** "tube 38 mm × 4 mm", "rod 7 mm". */
export const stockWords = (s: Stock, units: Parameters<typeof printText>[2]): string =>
  s.wall === undefined
    ? tr`rod ${printText(s.diameter, 'length', units)}`
    : tr`tube ${printText(s.diameter, 'length', units)} × ${printText(s.wall, 'length', units)}`;
