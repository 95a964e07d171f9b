// The rack worker: its calls exposed to the page.
import { expose } from 'comlink';
import { rackWork } from './rackWork';

expose(rackWork);
