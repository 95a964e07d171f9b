// The pairing page: all that a screen is shown that is not let in yet. Nothing of the app goes with it.
import '@fontsource/alegreya-sans/latin-400.css';
import '@fontsource/alegreya-sans/latin-700.css';
import '@fontsource/grenze/latin-600.css';
import '@fontsource-variable/spline-sans-mono/wght.css';
import '../theme/theme.css';
import { beginPage } from '../words/language';

void beginPage().then(async () => {
  const { beginEnter } = await import('./begin');
  beginEnter();
});
