import { say } from "@/kit/messages";

/** Where a second display is, as far as the browser tells. */
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
    // It was not allowed: the window is moved there by hand.
    return "popup,width=1280,height=800";
  }
}

/** A class screen that has not been heard of after so long has not been let open. */
const OPENS_WITHIN_MS = 6_000;

/**
 * Opens a class screen for a lesson, on the second display where the browser tells of one.
 * @param isHeard whether a class screen has been heard of
 */
export async function openClassScreen(lesson: string, isHeard: () => boolean): Promise<void> {
  // Without an opener it has a process of its own: drawing it does not hold up a touch here.
  window.open(`/lesson/${lesson}/class`, "_blank", `noopener,${await placeOfWindow()}`);
  setTimeout(() => {
    if (!isHeard()) say("The class screen has not opened. Allow this page to open windows, then try again.");
  }, OPENS_WITHIN_MS);
}
