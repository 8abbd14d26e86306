const AGAIN_MS = 1500;

/**
 * A part of the screen that is brought later, asked for until it comes: where the server is away for a while, the part
 * is missing for a while, and the board that is there stays.
 */
export const patient =
  <T>(load: () => Promise<T>) =>
  async (): Promise<T> => {
    for (;;) {
      try {
        return await load();
      } catch {
        await new Promise((resolve) => setTimeout(resolve, AGAIN_MS));
      }
    }
  };
