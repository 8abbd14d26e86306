/** How many times slower than this machine a slow classroom computer is. */
export const SLOWED = 6;
/** The classroom computer of counting and sliding. */
export const MILDLY = 4;

/** A page at 1280 × 800 with touch, its processor slowed so many times. */
export async function pageOf(browser, slowed = 1) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, hasTouch: true });
  const page = await context.newPage();
  const cdp = await context.newCDPSession(page);
  if (slowed > 1) await cdp.send("Emulation.setCPUThrottlingRate", { rate: slowed });
  return { page, cdp, close: () => context.close() };
}
