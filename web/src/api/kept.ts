// What the service worker and the page say to one another.

/** A header of answers that are the server's last ones, kept: when it gave them. */
export const KEPT_AT = 'X-Kept-At';
/** Where the service worker keeps the server's answers. */
export const ANSWERS = 'zanfirico-answers';
