// Six digits on large keys, and the screen is in; a screen that slept is woken by its PIN. Keys of a keyboard do as well.
import { tr } from '@zanfirico/core/words';
import { Delete } from 'lucide-react';
import { useCallback, useEffect, useState } from 'react';
import { howItStands, likelyName, sayToDoor, type DoorStands } from './door';

const DIGITS = 6;
const LEAST_PIN = 4;
const MOST_PIN = 8;
const KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9'] as const;

interface Props {
  /** Come with the address, from the picture that was scanned. */
  readonly code?: string | undefined;
  readonly onIn: () => void;
}

export function EnterPage({ code, onIn }: Props) {
  const [stands, setStands] = useState<DoorStands>();
  const [typed, setTyped] = useState('');
  const [device, setDevice] = useState(() =>
    likelyName(navigator.userAgent, globalThis.innerWidth),
  );
  const [pin, setPin] = useState('');
  const [says, setSays] = useState<string>();
  const [busy, setBusy] = useState(false);
  const asleep = stands === 'asleep';
  const most = asleep ? MOST_PIN : DIGITS;

  const enter = useCallback(
    (given: string): void => {
      if (pin !== '' && !/^\d{4,8}$/.test(pin)) {
        setSays(tr`The PIN is “${pin}”: four to eight digits, or none.`);
        return;
      }
      setBusy(true);
      const body = asleep
        ? { pin: given }
        : { code: given, device: device.trim() || tr`a screen`, ...(pin !== '' && { pin }) };
      void sayToDoor(asleep ? 'wake' : 'enter', body).then((trouble) => {
        setBusy(false);
        setSays(trouble);
        setTyped('');
        if (trouble === undefined) onIn();
        else if (asleep) void howItStands().then(setStands);
      });
    },
    [asleep, device, pin, onIn],
  );
  useEffect(() => {
    void howItStands().then((now) => {
      setStands(now);
      if (now === 'in') onIn();
      // Scanned: it is said at once.
      else if (now === 'out' && code !== undefined) setTyped(code);
    });
  }, [code, onIn]);
  const press = (key: string): void => {
    if (busy) return;
    setSays(undefined);
    const next = key === 'back' ? typed.slice(0, -1) : `${typed}${key}`.slice(0, most);
    setTyped(next);
    if (!asleep && next.length === DIGITS && key !== 'back') enter(next);
  };
  useEffect(() => {
    const pressed = (e: KeyboardEvent): void => {
      if (e.target instanceof HTMLInputElement || e.ctrlKey || e.metaKey) return;
      if (/^\d$/.test(e.key)) press(e.key);
      else if (e.key === 'Backspace') press('back');
    };
    document.addEventListener('keydown', pressed);
    return () => {
      document.removeEventListener('keydown', pressed);
    };
  });
  const ready = typed.length >= (asleep ? LEAST_PIN : DIGITS);
  return (
    <main className="mx-auto flex min-h-dvh w-full max-w-md flex-col justify-center px-5 py-6">
      <h1 className="text-4xl">{asleep ? tr`Say your PIN` : tr`Let this screen in`}</h1>
      <p className="quiet mt-1 text-lg">
        {asleep
          ? tr`This screen was not used for a while. Its PIN wakes it.`
          : tr`A lead’s screen shows six digits: Rack, then Screens, then “Let somebody in”.`}
      </p>
      <output
        aria-label={asleep ? tr`PIN so far` : tr`Code so far`}
        className="num border-base-300 mt-4 block border-b-2 pb-1 text-center text-5xl tracking-[0.3em]"
      >
        {asleep ? '•'.repeat(typed.length) || ' ' : typed.padEnd(DIGITS, '·')}
      </output>
      <p role="alert" className="text-error min-h-14 pt-2 text-lg">
        {stands === 'away' ? tr`The studio does not answer. Is this screen on its network?` : says}
      </p>
      <div className="grid grid-cols-3 gap-2">
        {KEYS.map((k) => (
          <Key key={k} says={k} onPress={press} />
        ))}
        <button
          type="button"
          aria-label={tr`Take one back`}
          className="btn btn-ghost h-16 text-3xl"
          onClick={() => {
            press('back');
          }}
        >
          <Delete className="size-7" />
        </button>
        <Key says="0" onPress={press} />
        <button
          type="button"
          className="btn btn-primary h-16 text-2xl"
          disabled={!ready || busy}
          onClick={() => {
            enter(typed);
          }}
        >
          {busy ? '…' : tr`Enter`}
        </button>
      </div>
      {!asleep && (
        <details className="mt-5">
          <summary className="quiet cursor-pointer py-1">
            {tr`It is called “${device}”${pin === '' ? '' : tr`, with a PIN`}`}
          </summary>
          <label className="mt-2 flex flex-col">
            <span className="quiet text-sm">{tr`What this screen is called`}</span>
            <input
              className="input"
              value={device}
              maxLength={40}
              onChange={(e) => {
                setDevice(e.target.value);
              }}
            />
          </label>
          <label className="mt-2 flex flex-col">
            <span className="quiet text-sm">{tr`A PIN to wake it with; without one it is paired again after a rest`}</span>
            <input
              className="input"
              type="password"
              inputMode="numeric"
              autoComplete="off"
              maxLength={MOST_PIN}
              value={pin}
              onChange={(e) => {
                setPin(e.target.value);
              }}
            />
          </label>
        </details>
      )}
    </main>
  );
}

function Key({ says, onPress }: { readonly says: string; readonly onPress: (k: string) => void }) {
  return (
    <button
      type="button"
      className="btn btn-outline border-base-300 num h-16 text-3xl"
      onClick={() => {
        onPress(says);
      }}
    >
      {says}
    </button>
  );
}
