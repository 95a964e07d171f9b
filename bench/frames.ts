// What the browser tells of itself while it is measured.
import type { CDPSession, Page } from '@playwright/test';

/** Until the next frame is drawn. */
export const nextFrame = (page: Page): Promise<unknown> =>
  page.evaluate(
    () =>
      new Promise((done) => {
        requestAnimationFrame(() => {
          setTimeout(done, 0);
        });
      }),
  );

/** Milliseconds the page has spent on these so far: ScriptDuration, LayoutDuration … */
export async function spent(session: CDPSession, ...names: readonly string[]): Promise<number> {
  const { metrics } = await session.send('Performance.getMetrics');
  return names.reduce(
    (sum, name) => sum + 1000 * (metrics.find((m) => m.name === name)?.value ?? NaN),
    0,
  );
}
