// A worker's calls exposed to the page, in the page's language: that is the worker's name.
import { languageOf } from '@zanfirico/words';
import { expose } from 'comlink';
import { beginToSpeak } from '../words/language';

/** Loads what the worker does once its language is spoken; what was asked before is answered then. */
export function exposed(work: () => Promise<object>): void {
  const early: MessageEvent[] = [];
  const keep = (event: MessageEvent): void => {
    early.push(event);
  };
  addEventListener('message', keep);
  void beginToSpeak(languageOf(self.name) ?? 'en')
    .then(work)
    .then((calls) => {
      removeEventListener('message', keep);
      expose(calls);
      for (const { data, ports } of early)
        dispatchEvent(new MessageEvent('message', { data: data as unknown, ports: [...ports] }));
    });
}
