// The mesh worker: its calls exposed to the page.
import { expose } from 'comlink';
import { meshWork } from './meshWork';

expose(meshWork);
