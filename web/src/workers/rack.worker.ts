// The rack worker: its calls exposed to the page.
import { exposed } from './exposed';

exposed(() => import('./rackWork').then((m) => m.rackWork));
