// How much a database holds, for whoever copies it or puts it back.
import type SQLite from 'better-sqlite3';

/** Pieces and revisions, when the last was saved, and all of it in words. */
export interface Counts {
  readonly pieces: number;
  readonly says: string;
}

/** Throws where it is no database of ours. */
export function countsOf(sqlite: SQLite.Database): Counts {
  const one = (sql: string): number | string | null =>
    sqlite.prepare(sql).pluck().get() as number | string | null;
  const pieces = Number(one('select count(*) from pieces'));
  const revisions = Number(one('select count(*) from revisions'));
  const last = one('select max(saved_at) from revisions');
  return {
    pieces,
    says: `${String(pieces)} pieces, ${String(revisions)} revisions, the last saved ${String(last ?? 'never')}`,
  };
}
