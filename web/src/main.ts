// Starts the web application in the language of whoever sits there.
import '@fontsource/alegreya-sans/latin-400.css';
import '@fontsource/alegreya-sans/latin-700.css';
import '@fontsource/alegreya-sans/latin-400-italic.css';
import '@fontsource/alegreya-sans/greek-400.css';
import '@fontsource/grenze/latin-600.css';
import '@fontsource-variable/spline-sans-mono/wght.css';
import './theme/theme.css';
import { beginPage } from './words/language';

void beginPage().then(async () => {
  const { start } = await import('./start');
  start();
});
