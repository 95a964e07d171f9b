// Bare numbers as this person writes them.
import { writtenWith } from '@zanfirico/core/units';
import { useDisplay } from '../stores/display';

/** A number to so many places, with the person's decimal sign; what is on the page is drawn anew when that changes. */
export const shownNumber = (value: number, places: number): string =>
  writtenWith(value.toFixed(places), useDisplay.getState().units);
