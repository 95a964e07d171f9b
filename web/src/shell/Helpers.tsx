// The palette and the list of keys, wherever one is: by key, or by their signs in the head.
import { tr } from '@zanfirico/core/words';
import { Keyboard, Search } from 'lucide-react';
import { useCallback, useEffect, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { IconButton } from './IconButton';
import { KeysHelp } from './KeysHelp';
import { Palette } from './Palette';
import { useEverywhere } from './useEverywhere';

export function Helpers() {
  const [open, setOpen] = useState<'palette' | 'keys'>();
  const keys = useCallback(() => {
    setOpen('keys');
  }, []);
  const close = useCallback(() => {
    setOpen((now) => (now === 'palette' ? undefined : now));
  }, []);
  const always = useEverywhere(keys);
  useHotkeys(
    'mod+k',
    () => {
      setOpen('palette');
    },
    { enableOnFormTags: true, preventDefault: true },
  );
  // Where "?" is on the keyboard is the keyboard's own affair: what counts is what it writes.
  useEffect(() => {
    const pressed = (e: KeyboardEvent): void => {
      const inField =
        e.target instanceof HTMLElement && e.target.matches('input, textarea, select');
      if (e.key === '?' && !inField) keys();
    };
    document.addEventListener('keydown', pressed);
    return () => {
      document.removeEventListener('keydown', pressed);
    };
  }, [keys]);
  return (
    <>
      <IconButton
        label={tr`What to do, by name (Ctrl K)`}
        onClick={() => {
          setOpen('palette');
        }}
      >
        <Search className="size-4" />
      </IconButton>
      <div className="hidden md:block">
        <IconButton label={tr`Keys (?)`} onClick={keys}>
          <Keyboard className="size-4" />
        </IconButton>
      </div>
      {open === 'palette' && <Palette always={always} onClose={close} />}
      {open === 'keys' && (
        <KeysHelp
          onClose={() => {
            setOpen(undefined);
          }}
        />
      )}
    </>
  );
}
