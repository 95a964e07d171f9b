// What a making's beginning says of it: who leads it, how long it was planned to take.

/** Whoever leads its first step, else the first of the crew. */
export const leadOf = <P extends { readonly id: string }>({
  crew,
  hands,
}: {
  readonly crew?: readonly P[] | undefined;
  readonly hands?: readonly (readonly string[])[] | undefined;
}): P | undefined => crew?.find((p) => p.id === hands?.[0]?.[0]) ?? crew?.[0];

/** From the first gather to the end of its last step, s. */
export const plannedSeconds = ({
  steps,
  starts,
}: {
  readonly steps: readonly { readonly seconds: number }[];
  readonly starts: readonly number[];
}): number => steps.reduce((most, s, i) => Math.max(most, (starts[i] ?? 0) + s.seconds), 0);
