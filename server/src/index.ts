// The public face of the server, for tests and benches: the application over any store.
export { createApp } from './app';
export { demoPieces } from './demo/demoPieces';
export { stockDemo } from './demo/stockDemo';
export { openDatabase } from './store/database';
export { pieceStore } from './piece/pieceStore';
