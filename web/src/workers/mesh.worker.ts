// The mesh worker: its calls exposed to the page.
import { exposed } from './exposed';

exposed(() => import('./meshWork').then((m) => m.meshWork));
