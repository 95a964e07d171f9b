// The braid worker: its calls exposed to the page.
import { exposed } from './exposed';

exposed(() => import('./braidWork').then((m) => m.braidWork));
