// The braid worker: its calls exposed to the page.
import { expose } from 'comlink';
import { braidWork } from './braidWork';

expose(braidWork);
