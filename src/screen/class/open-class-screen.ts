import { say } from "@/kit/messages";

/** The position of a second display, if the browser reveals it. */
type Screens = { screens: readonly Display[]; currentScreen: Display };
type Display = { availLeft: number; availTop: number; availWidth: number; availHeight: number };

async function placeOfWindow(): Promise<string> {
  const several = (window.screen as { isExtended?: boolean }).isExtended;
  const ask = (window as { getScreenDetails?: () => Promise<Screens> }).getScreenDetails;
  if (!several || !ask) return "popup,width=1280,height=800";
  try {
    const { screens, currentScreen } = await ask.call(window);
    const other = screens.find((one) => one !== currentScreen);
    if (!other) return "popup,width=1280,height=800";
    const { availLeft: left, availTop: top, availWidth: width, availHeight: height } = other;
    return `popup,left=${left},top=${top},width=${width},height=${height}`;
  } catch {
    // Permission refused: the teacher moves the window there.
    return "popup,width=1280,height=800";
  }
}

/** If no class screen has been heard of after this long, it was blocked. */
const OPENS_WITHIN_MS = 6_000;

/**
 * Opens a class screen for a lesson, on the second display if the browser knows of one.
 * @param isHeard whether a class screen has been heard of
 */
export async function openClassScreen(lesson: string, isHeard: () => boolean): Promise<void> {
  // Without an opener it has a process of its own: drawing it does not hold up a touch here.
  window.open(`/lesson/${lesson}/class`, "_blank", `noopener,${await placeOfWindow()}`);
  setTimeout(() => {
    if (!isHeard()) say("The class screen has not opened. Allow this page to open windows, then try again.");
  }, OPENS_WITHIN_MS);
}
