// Steps as they go over the wire: what a step has not is left out.
import type { SendProgramme } from '@zanfirico/contract/boxes';

/** Lines as a controller is sent them. */
export const asSent = (
  lines: readonly {
    readonly to: number;
    readonly rate?: number | undefined;
    readonly hold?: number | undefined;
  }[],
): SendProgramme['lines'] =>
  lines.map(({ to, rate, hold }) => ({
    to,
    ...(rate !== undefined && { rate }),
    ...(hold !== undefined && { hold }),
  }));
