// A place whose code is fetched when it is opened.
import type { ComponentType } from 'react';

/**
 * For a route's `lazy`. Code that cannot be fetched makes a component that says so when it is drawn: what is thrown while a route is
 * fetched the router shows as an empty page, what is thrown while drawing goes to the place's `errorElement`.
 */
export const fetched =
  (load: () => Promise<ComponentType>) => async (): Promise<{ Component: ComponentType }> => {
    try {
      return { Component: await load() };
    } catch (error) {
      return {
        Component: () => {
          throw error;
        },
      };
    }
  };
