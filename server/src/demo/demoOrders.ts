// The invented studio's orders: a dozen salt cellars and a few bowls, due within the days to come.
import type { PieceStore } from '../piece/pieceStore';
import type { WantedStore } from '../orders/wantedStore';

const DAY = 86_400_000;
const ORDERS = [
  { piece: 'Salt cellar', count: 12, days: 12, says: 'for the harbour café' },
  { piece: 'Tide-pool bowl', count: 4, days: 6, says: 'a wedding' },
  { piece: 'Quay goblet', count: 6, days: 16, says: 'the gallery' },
] as const;

/** A day as it is written, by the clock of this machine. */
const dayOf = (at: number): string => {
  const d = new Date(at);
  const two = (n: number): string => String(n).padStart(2, '0');
  return `${String(d.getFullYear())}-${two(d.getMonth() + 1)}-${two(d.getDate())}`;
};

/** Puts them where there are none, for the pieces that are there. */
export async function demoOrders(store: PieceStore, wanted: WantedStore, now: Date): Promise<void> {
  if ((await wanted.all()).length > 0) return;
  for (const [i, { piece, count, days, says }] of ORDERS.entries()) {
    const { lines } = await store.page({ find: piece, putAway: false });
    const found = lines.find((l) => l.name === piece);
    if (found)
      await wanted.keep({
        id: `de300000-0000-4000-c000-${String(i + 1).padStart(12, '0')}`,
        piece: found.id,
        count,
        due: dayOf(now.getTime() + days * DAY),
        says,
      });
  }
}
