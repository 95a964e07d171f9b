// The application, once its language is spoken.
import { tr } from '@zanfirico/core/words';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { App } from './App';

/** The first look comes first. */
const KEEP_AFTER_MS = 4000;

/** Puts it on the page. */
export function start(): void {
  const root = document.getElementById('root');
  if (!root) throw new Error(tr`The page has no root element.`);
  // Once the page stands: what it is made of is kept for when the server is away.
  if (import.meta.env.PROD && 'serviceWorker' in navigator)
    setTimeout(() => void import('./keepApp').then(({ keepApp }) => keepApp()), KEEP_AFTER_MS);
  createRoot(root).render(
    <StrictMode>
      <App />
    </StrictMode>,
  );
}
