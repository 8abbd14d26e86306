const GROUPED = new Intl.NumberFormat("en-GB", { maximumFractionDigits: 0 });

/** The digits of a whole number in groups of three: `1200` is `1,200`. Numbers of three digits stay as they are. */
export function groupDigits(digits: string): string {
  return digits.length <= 3 ? digits : GROUPED.format(BigInt(digits));
}

/** Text as it is typed on: without the commas that `groupDigits` has set. */
export function ungroupDigits(text: string): string {
  return text.replace(/(?<=\d),(?=\d{3})/g, "");
}
