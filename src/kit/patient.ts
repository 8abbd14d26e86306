const AGAIN_MS = 1500;

type Coming = { readonly bring: () => Promise<unknown> };

/**
 * Everything that this page may load later. It grows while it is being loaded: what arrives may have parts of its own.
 */
export const allComing = new Set<Coming>();

/** Loads something, again and again until it arrives. */
export async function untilThere<T>(load: () => Promise<T>): Promise<T> {
  for (;;) {
    try {
      return await load();
    } catch (fault) {
      // That the server is away is said on the screen; anything else is a fault that would stay unseen.
      if (!(fault instanceof Error && fault.name === "ChunkLoadError")) console.error(fault);
      await new Promise((resolve) => setTimeout(resolve, AGAIN_MS));
    }
  }
}

/**
 * What loads a part of the screen when it is needed: while the server is away the part is missing, and the board that is
 * there stays. It is in `allComing`, so that it can be loaded before it is needed.
 */
export function patient<T>(load: () => Promise<T>): () => Promise<T> {
  const bring = () => untilThere(load);
  allComing.add({ bring });
  return bring;
}
