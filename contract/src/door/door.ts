// Who may come in from the studio's own network, and what they may: pairing, sessions, the switch.
import { Type } from '@sinclair/typebox';
import { oneOf, shopName, strict, type Kept } from '../words';

/** What a device may: everything; bench, log and readings; or look at the walls. */
export const MAY = ['lead', 'hand', 'look'] as const;
/** What a device may: one of three. */
export type May = (typeof MAY)[number];

/** A session that is not used for so long is over, or asks for its PIN, ms: the more it may, the sooner. */
export const IDLE_MS: Readonly<Record<May, number>> = {
  lead: 8 * 3_600_000,
  hand: 12 * 3_600_000,
  look: 30 * 86_400_000,
};
/** However much it is used, it is over after so long, ms. */
export const LIFE_MS = 90 * 86_400_000;
/** A pairing code is good for so long, ms. */
export const CODE_MS = 180_000;
/** Digits of a pairing code. */
export const CODE_DIGITS = 6;

const pin = () => Type.String({ pattern: '^[0-9]{4,8}$', description: 'four to eight digits' });

/** Body of "a code for somebody": who it will be, by the studio's own name for the role, and what it may. */
export const CodeBody = Type.Object({ name: shopName(), may: oneOf(MAY) }, strict);
/** What a pairing code is asked with. */
export type NewCode = Kept<typeof CodeBody>;

/** Body of "let me in": the code, what this device is called, and a PIN to wake it with where one is wanted. */
export const EnterBody = Type.Object(
  {
    code: Type.String({ pattern: `^[0-9]{${String(CODE_DIGITS)}}$` }),
    device: shopName(),
    pin: Type.Optional(pin()),
  },
  strict,
);
/** What a device comes in with. */
export type Enter = Kept<typeof EnterBody>;

/** Body of "it is me again". */
export const WakeBody = Type.Object({ pin: pin() }, strict);

/** Body of "another name, or another thing it may". */
export const SessionBody = Type.Object({ name: shopName(), may: oneOf(MAY) }, strict);

/** Body of the switch. */
export const LanBody = Type.Object({ open: Type.Boolean() }, strict);

/** Who one is, as the server has it. */
export interface Me {
  readonly name: string;
  readonly may: May;
  /** On the machine the studio runs on. */
  readonly here: boolean;
  readonly device: string | undefined;
  /** Of its session; undefined on the studio's own machine. */
  readonly session: string | undefined;
}

/** A code as it is shown, once. */
export interface ShownCode {
  readonly code: string;
  readonly name: string;
  readonly may: May;
  readonly until: number;
}

/** A device that was let in. Times ms since 1970. */
export interface SessionLine {
  readonly id: string;
  readonly name: string;
  readonly may: May;
  readonly device: string;
  readonly madeAt: number;
  readonly seenAt: number;
  readonly hasPin: boolean;
  /** Whether it waits for its PIN. */
  readonly asleep: boolean;
}

/** Whether the studio is open to its network, where, and what happened to its certificate. */
export interface LanState {
  readonly open: boolean;
  /** The flag opened it for this run, or the switch for good. */
  readonly by: 'flag' | 'switch' | undefined;
  readonly addresses: readonly string[];
  readonly fingerprint: string | undefined;
  readonly until: number | undefined;
  /** Why the certificate was made anew, where it was. */
  readonly anew: string | undefined;
  /** What went wrong, where it could not be opened. */
  readonly trouble: string | undefined;
  /** Wrong codes since it was opened, and when the last was. */
  readonly guessed: { readonly times: number; readonly last: number } | undefined;
}

/** A change, and who made it. */
export interface ChangeLine {
  readonly id: number;
  readonly at: number;
  readonly by: string;
  readonly what: string;
}
