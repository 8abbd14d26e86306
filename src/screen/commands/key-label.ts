/** A key as it is written on a keyboard. */
export function keyLabel(key: string): string {
  const labels: Record<string, string> = {
    ArrowRight: "→",
    ArrowLeft: "←",
    ArrowUp: "↑",
    ArrowDown: "↓",
    " ": "Space",
    PageDown: "Page Down",
    PageUp: "Page Up",
    ",": ", comma",
    ".": ". full stop",
  };
  return labels[key] ?? (key.length === 1 ? key.toUpperCase() : key);
}
