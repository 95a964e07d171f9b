// The tables of the database file.
import type { Generated } from 'kysely';

/** Tables. A piece's list facts are columns; its documents are revisions, never overwritten. */
export interface Tables {
  pieces: {
    id: string;
    revision: number;
    name: string;
    saved_at: string;
    /** Where it stands; thrown away it is there until the server starts again. */
    stands: 'shelf' | 'put away' | 'thrown away';
    /** The name as it is searched. */
    sought: string | null;
    /** Id of its glass, and how it is made. */
    glass: string | null;
    way: string | null;
    /** Weight, kg; null while nobody has worked it out, or there is none. */
    heavy: number | null;
    /** Height, m; null while nobody has worked it out, or there is none. */
    tall: number | null;
    /** What the shelf says of it, as JSON, and what that was worked out from. */
    facts: string | null;
    facts_of: string | null;
  };
  /** Words a piece is found by, of its newest revision. */
  piece_tags: { piece_id: string; tag: string };
  revisions: Whose & {
    piece_id: string;
    revision: number;
    saved_at: string;
    name: string;
    document: string;
  };
  shop_revisions: Whose & { revision: number; saved_at: string; document: string };
  weigh_ins: Whose & {
    id: Generated<number>;
    at: string;
    person: string;
    glass: string;
    iron_diameter: number;
    depth: number;
    planned: number;
    got: number;
    factor: number;
    counts: number;
  };
  rack_entries: {
    id: string;
    revision: number;
    saved_at: string;
    kind: string;
    name: string;
    retired: number;
  };
  /** The last revision of entries that were dropped. */
  rack_gone: { id: string; revision: number };
  rack_revisions: Whose & {
    entry_id: string;
    revision: number;
    saved_at: string;
    document: string;
  };
  fit_tests: Whose & {
    id: Generated<number>;
    at: string;
    first: string;
    second: string;
    lot: string | null;
    reading: string;
    counts: number;
  };
  /** Which entries of the rack each revision of a piece names. */
  piece_uses: { piece_id: string; revision: number; entry_id: string };
  /** What whoever made a piece called the making: asked for twice under one key it is made once. */
  creations: { key: string; piece_id: string; at: string };
  /** A making as it began, whether it came into the box (a rehearsal never does), and what happened in the order the server had it. */
  makings: Whose & {
    id: string;
    piece_id: string;
    begun_at: number;
    begin: string;
    boxed: Generated<number>;
    /** What the log says of it, and how it came out of the box; null until it has been worked out. A rehearsal has none. */
    facts: string | null;
    outcome: string | null;
    /** What it teaches: how long its steps took, what was measured beside what is drawn. */
    taught: string | null;
  };
  /** Every word a making is found by (FTS5). */
  making_words: { making_id: string; words: string };
  making_events: Whose & {
    id: string;
    making_id: string;
    place: number;
    at: number;
    event: string;
  };
  /** JPEGs, each once under the id its event names. */
  photos: Whose & { id: string; at: string; bytes: Buffer };
  /** What happened to the pots. */
  pot_events: Whose & { id: string; at: number; event: string };
  /** Controllers as they are set up. */
  devices: { id: string; device: string };
  /** What was read: newest by the second, older by the minute (see `thin`). °C, of one, s. */
  device_readings: {
    device: string;
    at: number;
    temperature: number | null;
    lower: number | null;
    set_point: number | null;
    output: number | null;
    state: string | null;
    step: number | null;
    faults: string | null;
    elapsed: number | null;
  };
  /** Programmes that were sent and read back the same, with the words they were. */
  device_runs: Whose & {
    id: Generated<number>;
    device: string;
    sent_at: number;
    started_at: number | null;
    ended_at: number | null;
    sent: string;
    words: string;
  };
  /** Orders. */
  wanted: Whose & { id: string; wanted: string };
  /** Devices that were let in from the network, by the digest of their cookie. Times ms. */
  sessions: {
    id: string;
    token_hash: string;
    name: string;
    may: string;
    device: string;
    made_at: number;
    seen_at: number;
    pin: string | null;
    wrong: number;
    ended_at: number | null;
    ended_why: string | null;
  };
  /** Classes, each replaced as a whole. */
  classes: Whose & { id: string; name: string; class: string };
  settings: { key: string; value: string };
  /** What was changed, by whom. */
  changes: { id: Generated<number>; at: number; by: string; what: string };
}

/** Who made a row; null where the server did, or nobody was asked yet. */
interface Whose {
  made_by: Generated<string | null>;
}
