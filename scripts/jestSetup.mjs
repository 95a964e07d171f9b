// Before all unit tests: those that start the server as a process start it as it is shipped.
import { bundleServer } from '../server/build.mjs';

export default bundleServer;
