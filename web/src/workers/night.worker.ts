// The night worker: its calls exposed to the page.
import { expose } from 'comlink';
import { nightWork } from './nightWork';

expose(nightWork);
