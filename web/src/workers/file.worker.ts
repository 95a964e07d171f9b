// The file worker: its calls exposed to the page.
import { exposed } from './exposed';

exposed(() => import('./fileWork').then((m) => m.fileWork));
