// The invented studio's shop: an ordinary one, with sheet for its kiln.
import type { ShopDocument } from '@zanfirico/contract/shop';
import { ORDINARY_SHEETS, SHEET } from '@zanfirico/core/kiln';
import type { ShopStore } from '../shop/shopStore';

const DEMO_SHEETS: NonNullable<ShopDocument['sheets']> = [
  ...ORDINARY_SHEETS,
  { of: 'ebb-sheet', thickness: SHEET, width: 0.5, deep: 0.43, count: 2 },
  { of: 'wrack-sheet', thickness: SHEET, width: 0.25, deep: 0.21, count: 1 },
  { of: 'sandbar-sheet', thickness: SHEET, width: 0.25, deep: 0.21, count: 2 },
];

/** Gives it its sheets, where nobody has saved a shop yet. */
export async function demoShop(shop: ShopStore): Promise<void> {
  const { revision, document } = await shop.shop();
  if (revision === 0)
    await shop.saveShop(0, { ...document, sheets: DEMO_SHEETS.map((s) => ({ ...s })) });
}
