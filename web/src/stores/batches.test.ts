// Many entries in lots that the server takes at once.
import { BODY_LIMIT } from '@zanfirico/contract';
import { IMPORT_BATCH } from '@zanfirico/contract/rack';
import { batches } from './batches';

const bytes = (lot: readonly unknown[]): number => Buffer.byteLength(JSON.stringify(lot));

describe('lots', () => {
  it('hold no more than the server takes, by number and by bytes, nothing left out, in order', () => {
    const small = Array.from({ length: 2 * IMPORT_BATCH + 1 }, (_, i) => ({ id: String(i) }));
    expect(batches(small).map((l) => l.length)).toEqual([IMPORT_BATCH, IMPORT_BATCH, 1]);
    // Four hundred rows filled to the brim, in an alphabet of three bytes a letter.
    const full = Array.from({ length: 400 }, (_, i) => ({ id: i, notes: '玻'.repeat(1000) }));
    const lots = batches(full);
    expect(bytes(full)).toBeGreaterThan(BODY_LIMIT);
    expect(lots.length).toBeGreaterThan(1);
    for (const lot of lots) expect(bytes(lot)).toBeLessThan(BODY_LIMIT);
    expect(lots.flat()).toEqual(full);
    expect(batches([])).toEqual([]);
  });
});
