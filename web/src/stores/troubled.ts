// What did not go is said at the foot of the screen.
import { sentenceOf } from '../api/client';
import { useNotices } from './notices';

/** For a promise's `catch`, where nothing else is to be done about it. */
export const troubled = (error: unknown): void => {
  useNotices.getState().trouble(sentenceOf(error));
};
