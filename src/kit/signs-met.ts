const MET = "yellow-stair-signs-met";
/** More than there are signs. */
const MOST = 300;

const met = (): string[] => {
  try {
    return (localStorage.getItem(MET) ?? "").split("\n").filter(Boolean);
  } catch {
    return [];
  }
};

/** Whether a sign has been pressed before in this browser. */
export const isMet = (name: string): boolean => met().includes(name);

/** Notes that a sign has been pressed. */
export function meet(name: string): void {
  try {
    localStorage.setItem(MET, [name, ...met()].slice(0, MOST).join("\n"));
  } catch {
    // A browser that keeps nothing says it again.
  }
}
