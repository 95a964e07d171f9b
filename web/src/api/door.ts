// Asking the server about its door: who this screen is, who is let in, the switch.
import type {
  ChangeLine,
  LanState,
  May,
  Me,
  NewCode,
  SessionLine,
  ShownCode,
} from '@zanfirico/contract/door';
import { call } from './client';

/** Who this screen is, and what it may. */
export const readMe = (): Promise<Me> => call('/door/me');

/** Whether the studio is open to its network, and who is let in. */
export const readDoor = (): Promise<{
  readonly lan: LanState;
  readonly devices: readonly SessionLine[];
}> => call('/door');

/** Who changed what, the newest first. */
export const readChanges = (): Promise<ChangeLine[]> => call('/door/changes');

/** Opens the studio to its network, or shuts it. */
export const openLan = (open: boolean): Promise<LanState> =>
  call('/door/lan', 'POST', JSON.stringify({ open }));

/** A pairing code, good once and for three minutes. */
export const newCode = (whose: NewCode): Promise<ShownCode> =>
  call('/door/codes', 'POST', JSON.stringify(whose));

/** A device's name and what it may. */
export const changeDevice = (id: string, name: string, may: May): Promise<void> =>
  call(`/door/sessions/${id}`, 'PUT', JSON.stringify({ name, may }));

/** Puts a device out, at once. */
export const putDeviceOut = (id: string): Promise<void> => call(`/door/sessions/${id}`, 'DELETE');

/** This device leaves. */
export const leave = (): Promise<void> => call('/door/leave', 'POST');
