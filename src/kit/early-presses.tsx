import { PRESSED, takePresses } from "./take-presses";

/** The inline script that stores presses until the page is interactive. It runs before anything can be pressed. */
export const EarlyPresses = ({ nonce }: { nonce: string }) => (
  <script
    nonce={nonce}
    suppressHydrationWarning
    // biome-ignore lint/security/noDangerouslySetInnerHtml: it is our own.
    dangerouslySetInnerHTML={{ __html: `(${takePresses})(${JSON.stringify(PRESSED)})` }}
  />
);
