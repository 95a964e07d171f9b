// Has the browser keep the app and what the server answers, for when it is away.
import { answers } from './api/queries';
import { useRack } from './stores/theRack';
import { useShop } from './stores/theShop';

/** Starts the service worker. What was asked before it was there is asked once more, so that it is kept too. */
export async function keepApp(): Promise<void> {
  const workers = navigator.serviceWorker;
  if (!workers.controller)
    workers.addEventListener(
      'controllerchange',
      () => {
        // Whoever is away just now is told by the place one is in.
        const silently = (): undefined => undefined;
        void answers.invalidateQueries();
        useRack.getState().load().catch(silently);
        useShop.getState().load().catch(silently);
      },
      { once: true },
    );
  // A browser that keeps nothing (private windows) works as before.
  await workers.register('/sw.js').catch(() => undefined);
}
