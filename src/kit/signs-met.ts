const MET = "yellow-stair-signs-met";
/** More than there are icons. */
const MAX = 300;

const met = (): string[] => {
  try {
    return (localStorage.getItem(MET) ?? "").split("\n").filter(Boolean);
  } catch {
    return [];
  }
};

/** Whether an icon has been pressed before in this browser. */
export const isMet = (name: string): boolean => met().includes(name);

/** Records that an icon has been pressed. */
export function meet(name: string): void {
  try {
    localStorage.setItem(MET, [name, ...met()].slice(0, MAX).join("\n"));
  } catch {
    // Without storage the name is shown again.
  }
}
