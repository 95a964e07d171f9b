// The night worker: its calls exposed to the page.
import { exposed } from './exposed';

exposed(() => import('./nightWork').then((m) => m.nightWork));
