// The file worker: its calls exposed to the page.
import { expose } from 'comlink';
import { fileWork } from './fileWork';

expose(fileWork);
