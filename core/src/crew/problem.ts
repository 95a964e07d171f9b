// What is to be scheduled: tasks with least and longest waits between them, and things there are only so many of.

/** A task: how long, and what it takes one of. */
export interface Task {
  readonly seconds: number;
  readonly needs: readonly number[];
}

/** `to` starts `least` after the end of `from`, and no later than `most` after it. s */
export interface Link {
  readonly from: number;
  readonly to: number;
  readonly least: number;
  readonly most?: number | undefined;
}

/** Who is to do what, as the search takes it. */
export interface Problem {
  readonly tasks: readonly Task[];
  readonly links: readonly Link[];
  /** How many there are of each thing needed. */
  readonly capacity: readonly number[];
}

/** A schedule, and how good it is known to be. */
export interface CrewSchedule {
  readonly starts: readonly number[];
  readonly makespan: number;
  /** Nothing can be shorter than this. */
  readonly lower: number;
  readonly proven: boolean;
  readonly nodes: number;
}

/** How long to look, and whom to tell. */
export interface CrewLooking {
  /** Stops when this says so; asked every few nodes. */
  readonly enough?: (nodes: number) => boolean;
  readonly onBest?: (starts: readonly number[], makespan: number) => void;
  /** A schedule that is known to be good: only shorter ones are looked for. */
  readonly from?: readonly number[] | undefined;
}

/** Times nearer than this are the same, s. */
export const EPS = 1e-9;
