// Whether a house is open: its server answers when it answers.
let open = false;

/** A house was opened, or shut. */
export const setOpen = (is: boolean): void => {
  open = is;
};
/** Whether one is open. */
export const houseOpen = (): boolean => open;
