// A drawing off the screen as a file of its own.

/** An SVG that stands alone: the theme's colours written out. */
export function standalone(svg: Element): string {
  const style = getComputedStyle(document.documentElement);
  const text = new XMLSerializer().serializeToString(svg);
  const filled = text.replace(/var\((--[\w-]+)\)/g, (_, name: string) =>
    style.getPropertyValue(name).trim(),
  );
  return filled.replace(
    /^<svg/,
    `<svg style="background:${style.getPropertyValue('--board').trim()}"`,
  );
}
