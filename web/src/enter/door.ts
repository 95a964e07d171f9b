// What the pairing page asks of the server.
import { tr } from '@zanfirico/core/words';

/** How it stands with this screen: it is in, it sleeps, or it is not let in. */
export type DoorStands = 'in' | 'asleep' | 'out' | 'away';

interface Answer {
  readonly error?: string;
  readonly asleep?: boolean;
}

/** How this device stands at the door. */
export async function howItStands(): Promise<DoorStands> {
  try {
    const res = await fetch('/api/door/me');
    if (res.ok) return 'in';
    const answer = (await res.json().catch(() => ({}))) as Answer;
    return answer.asleep === true ? 'asleep' : 'out';
  } catch {
    return 'away';
  }
}

/** Says it; undefined where it went well, else the server's sentence. */
export async function sayToDoor(path: 'enter' | 'wake', body: object): Promise<string | undefined> {
  try {
    const res = await fetch(`/api/door/${path}`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    });
    if (res.ok) return undefined;
    const answer = (await res.json().catch(() => ({}))) as Answer;
    return answer.error ?? tr`The studio answered ${res.status}.`;
  } catch {
    return tr`The studio does not answer. Is this screen on its network?`;
  }
}

/** What a screen is likely to be called. */
export const likelyName = (agent: string, width: number): string =>
  /iPhone|Mobile/.test(agent) || width < 500
    ? tr`a phone`
    : /iPad|Android|Tablet/.test(agent)
      ? tr`a tablet`
      : tr`a screen`;
