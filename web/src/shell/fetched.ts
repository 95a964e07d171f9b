// A place whose code is fetched when it is opened.
import type { ComponentType } from 'react';
import { isThere } from '../api/client';

/**
 * For a route's `lazy`. Code that cannot be fetched makes a component that says so when it is drawn: what is thrown while a route is
 * fetched the router shows as an empty page, what is thrown while drawing goes to the place's `errorElement`.
 */
export const fetched =
  (load: () => Promise<ComponentType>) => async (): Promise<{ Component: ComponentType }> => {
    try {
      return { Component: await load() };
    } catch (error) {
      // A screen that was put out is refused its code as well: its next question says so.
      void isThere();
      return {
        Component: () => {
          throw error;
        },
      };
    }
  };
