// The pairing page, once its language is spoken.
import { tr } from '@zanfirico/core/words';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { EnterPage } from './EnterPage';

/** Puts it on the page. */
export function beginEnter(): void {
  const root = document.getElementById('root');
  if (!root) throw new Error(tr`The page has no root element.`);
  document.title = tr`Let this screen in · Zanfirico`;
  createRoot(root).render(
    <StrictMode>
      <EnterPage
        code={/^#(\d{6})$/.exec(location.hash)?.[1]}
        onIn={() => {
          // The code is worth nothing any more, and the address bar need not keep it.
          if (location.pathname === '/enter') location.replace('/');
          else location.reload();
        }}
      />
    </StrictMode>,
  );
}
