// The pairing page: all that a screen is shown that is not let in yet. Nothing of the app goes with it.
import { tr } from '@zanfirico/core';
import '@fontsource/alegreya-sans/latin-400.css';
import '@fontsource/alegreya-sans/latin-700.css';
import '@fontsource/grenze/latin-600.css';
import '@fontsource-variable/spline-sans-mono/wght.css';
import '../theme/theme.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { EnterPage } from './EnterPage';

const root = document.getElementById('root');
if (!root) throw new Error(tr`The page has no root element.`);
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
