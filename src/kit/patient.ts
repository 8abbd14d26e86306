const AGAIN_MS = 1500;

/**
 * Loads a part of the screen, again and again until it arrives: while the server is away the part is missing, and the
 * board that is there stays.
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
