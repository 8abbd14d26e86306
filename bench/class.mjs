import { MILDLY } from "./page.mjs";

/** Beats of the count that are watched. */
const BEATS = 60;

/** Notes in the teacher's window when it tells the class screen something, on the clock that both windows have. */
const noteTold = () => {
  window.told = [];
  const post = BroadcastChannel.prototype.postMessage;
  BroadcastChannel.prototype.postMessage = function (message) {
    if (message.kind === "show") window.told.push(performance.timeOrigin + performance.now());
    return post.call(this, message);
  };
};

/** Notes in the class screen when it has painted something else. */
const notePainted = () => {
  window.painted = [];
  new MutationObserver(() => {
    // It draws within a frame; the message is handled after that.
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => window.painted.push(performance.timeOrigin + performance.now());
    port2.postMessage(null);
  }).observe(document.body, { subtree: true, childList: true, attributes: true, characterData: true });
};

/**
 * How long after the teacher's window has told it the class screen has painted a count at four numbers a second, both slowed:
 * the median, and the 95th of a hundred, in milliseconds.
 */
export async function classLateness(browser, address) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const teacher = await slowed(await context.newPage());
  await teacher.addInitScript(noteTold);
  await teacher.goto(address);
  await teacher.locator("[data-cell]").first().waitFor();
  await teacher.waitForTimeout(6000);
  const screen = await secondWindow(teacher, `${address}/class`);
  await screen.locator("[data-shows] svg").first().waitFor();
  await screen.evaluate(notePainted);
  await teacher.evaluate(() => {
    window.told.length = 0;
    document.querySelector("[aria-label='Start the count']").click();
  });
  await teacher.waitForFunction((beats) => window.told.length >= beats, BEATS, { timeout: 60_000 });
  await teacher.waitForTimeout(500);
  return latenessOf(teacher, screen);
}

/** The same of two bare windows, of which one tells the other a number: what this machine takes for that alone. */
export async function bareLateness(browser, address) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const teacher = await slowed(await context.newPage());
  await teacher.addInitScript(noteTold);
  await teacher.goto(address);
  const screen = await secondWindow(teacher, address);
  await screen.waitForLoadState();
  await screen.evaluate(notePainted);
  await screen.evaluate(() => {
    new BroadcastChannel("bare").onmessage = ({ data }) => {
      document.body.textContent = data.number;
    };
  });
  await teacher.evaluate(() => {
    const channel = new BroadcastChannel("bare");
    let number = 0;
    setInterval(() => {
      number += 1;
      document.body.textContent = number;
      channel.postMessage({ kind: "show", number });
    }, 250);
  });
  await teacher.waitForFunction((beats) => window.told.length >= beats, BEATS, { timeout: 60_000 });
  await teacher.waitForTimeout(500);
  return latenessOf(teacher, screen);
}

async function slowed(page) {
  const cdp = await page.context().newCDPSession(page);
  await cdp.send("Emulation.setCPUThrottlingRate", { rate: MILDLY });
  return page;
}

/** A window and a process of its own, as `openClassScreen` gives it: a tab that another one hides is hardly painted. */
async function secondWindow(teacher, address) {
  const [opened] = await Promise.all([
    teacher.context().waitForEvent("page"),
    teacher.evaluate((at) => void window.open(at, "_blank", "noopener,popup,width=1280,height=800"), address),
  ]);
  return slowed(opened);
}

async function latenessOf(teacher, screen) {
  const told = await teacher.evaluate(() => window.told);
  const painted = await screen.evaluate(() => window.painted);
  await teacher.context().close();
  const late = told
    .slice(4, BEATS)
    .map((at) => painted.find((one) => one >= at) - at)
    .toSorted((a, b) => a - b);
  return { median: late[Math.floor(late.length / 2)], most: late[Math.floor(late.length * 0.95)] };
}
