import { waitFor, type waitForOptions } from '@testing-library/react';

/**
 * What is asked for comes into sight. Found and looked at in one moment: what is found first and looked at afterwards may have made room
 * for an answer meanwhile.
 * @param get finds it, or throws
 * @param options how long it is waited for
 */
export const seen = (get: () => HTMLElement, options?: waitForOptions): Promise<void> =>
  waitFor(() => {
    expect(get()).toBeVisible();
  }, options);
