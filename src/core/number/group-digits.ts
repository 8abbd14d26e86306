/** Created when the first long number is shown: that takes a slow computer a tenth of a second. */
let grouped: Intl.NumberFormat | undefined;

/** The digits of a whole number in groups of three: `1200` is `1,200`. Numbers of three digits stay as they are. */
export function groupDigits(digits: string): string {
  if (digits.length <= 3) return digits;
  grouped ??= new Intl.NumberFormat("en-GB", { maximumFractionDigits: 0 });
  return grouped.format(BigInt(digits));
}

/** Text to be edited: without the commas that `groupDigits` has set. */
export function ungroupDigits(text: string): string {
  return text.replace(/(?<=\d),(?=\d{3})/g, "");
}
