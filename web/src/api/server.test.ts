// The studio's clock as this screen learns it from answers: what agrees is left alone, an hour is an hour, the quickest answer counts.
/** Learnt afresh. */
const clock = () => {
  jest.resetModules();
  return import('./server');
};
const T = 1_800_000_000_000;
const HOUR = 3_600_000;

it.each<[string, number, number]>([
  ['agrees to some seconds', 1500, 0],
  ['an hour behind', HOUR, HOUR],
  ['an hour ahead', -HOUR, -HOUR],
  ['two minutes behind', 120_000, 120_000],
])('a screen whose clock %s', async (_says, ahead, learnt) => {
  const { clockTold, studioNow, useServer } = await clock();
  // Asked at T by its own clock, answered 40 ms later; the server read its own in between.
  clockTold(String(T + 20 + ahead), T, T + 40);
  expect(useServer.getState().ahead).toBe(learnt);
  expect(Math.abs(studioNow() - Date.now() - learnt)).toBeLessThan(50);
});

it('goes by the answer that was under way for the shortest', async () => {
  const { clockTold, useServer } = await clock();
  clockTold(String(T + HOUR), T, T + 20);
  // Slow there, quick back: half of it would be wrong by a second and a half.
  clockTold(String(T + HOUR + 3000), T, T + 3000);
  expect(Math.abs(useServer.getState().ahead - HOUR)).toBeLessThan(50);
});

it('learns that it was set right meanwhile', async () => {
  const { clockTold, useServer } = await clock();
  clockTold(String(T + HOUR), T, T + 20);
  clockTold(String(T + 10), T, T + 40);
  expect(useServer.getState().ahead).toBe(0);
});

it.each(['', 'yesterday', '12', null])('what is no clock (%s) is none', async (now) => {
  const { clockTold, useServer } = await clock();
  clockTold(now, T, T + 20);
  expect(useServer.getState().ahead).toBe(0);
});
