// Starts the web application.
import { tr } from '@zanfirico/core';
import '@fontsource/alegreya-sans/latin-400.css';
import '@fontsource/alegreya-sans/latin-700.css';
import '@fontsource/alegreya-sans/latin-400-italic.css';
import '@fontsource/alegreya-sans/greek-400.css';
import '@fontsource/grenze/latin-600.css';
import '@fontsource-variable/spline-sans-mono/wght.css';
import './theme/theme.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { App } from './App';

/** The first look comes first. */
const KEEP_AFTER_MS = 4000;

const root = document.getElementById('root');
if (!root) throw new Error(tr`The page has no root element.`);
// Once the page stands: what it is made of is kept for when the server is away.
if (import.meta.env.PROD && 'serviceWorker' in navigator)
  window.addEventListener('load', () => {
    setTimeout(() => void import('./keepApp').then(({ keepApp }) => keepApp()), KEEP_AFTER_MS);
  });

createRoot(root).render(
  <StrictMode>
    <App />
  </StrictMode>,
);
