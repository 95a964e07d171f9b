// Copy, cut and paste by the usual keys, where nothing is typed and no text is marked.
import { useEffect, useRef } from 'react';
import { sentenceOf } from '../api/client';
import { useNotices } from '../stores/notices';

interface Copying {
  /** The text to copy; undefined where nothing is in hand. */
  readonly copy: () => string | undefined;
  /** Takes out what was just copied. */
  readonly cut: () => void;
  /** Puts a text in; false where it is none of ours. Throws a sentence where it is and cannot be. */
  readonly paste: (text: string) => boolean;
}

const taken = (event: Event): boolean =>
  event.defaultPrevented ||
  (event.target instanceof Element &&
    event.target.closest('input, textarea, select, dialog, [contenteditable]') !== null);

/** Listens for as long as what uses it is shown. */
export function useCopying(copying: Copying): void {
  const now = useRef(copying);
  useEffect(() => {
    now.current = copying;
  });
  useEffect(() => {
    const out = (event: ClipboardEvent): void => {
      if (taken(event) || (window.getSelection()?.toString() ?? '') !== '') return;
      const text = now.current.copy();
      if (text === undefined) return;
      event.preventDefault();
      event.clipboardData?.setData('text/plain', text);
      if (event.type === 'cut') now.current.cut();
    };
    const into = (event: ClipboardEvent): void => {
      if (taken(event)) return;
      const text = event.clipboardData?.getData('text/plain') ?? '';
      try {
        if (now.current.paste(text)) event.preventDefault();
      } catch (error) {
        useNotices.getState().trouble(sentenceOf(error));
      }
    };
    document.addEventListener('copy', out);
    document.addEventListener('cut', out);
    document.addEventListener('paste', into);
    return () => {
      document.removeEventListener('copy', out);
      document.removeEventListener('cut', out);
      document.removeEventListener('paste', into);
    };
  }, []);
}

/** Gives a text to the machine's clipboard where the browser lets us; the page keeps it anyway. */
export function giveOut(text: string): void {
  // Not offered on plain http to another machine, and a browser may refuse: the page's own copy does then.
  void (navigator.clipboard as Clipboard | undefined)?.writeText(text).catch(() => undefined);
}
