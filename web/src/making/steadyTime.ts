// Time at the bench that only goes on: by the machine's steady clock, set right by the wall's after a sleep, deaf to one that is set back.
//
// A steady clock may stand still while a machine sleeps; the wall clock may be set. Both look alike from here when the wall jumps ahead:
// then it is taken for sleep, for glass that has cooled unseen is the danger. A wall clock set back moves nothing.

/** Jumps less than this are the two clocks' own drift, ms. */
const JUMP = 1500;

/** The two clocks, ms: since 1970, and since whenever, never going back. */
export interface Clocks {
  readonly wall: () => number;
  readonly steady: () => number;
}

/** This machine's clocks. */
export const MACHINE: Clocks = { wall: () => Date.now(), steady: () => performance.now() };

/** A clock of ms since 1970 that never goes back. */
export function steadyTime({ wall, steady }: Clocks): () => number {
  let offset = wall() - steady();
  return () => {
    const ahead = wall() - steady() - offset;
    if (ahead > JUMP) offset += ahead;
    return steady() + offset;
  };
}
