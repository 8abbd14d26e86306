/** How large a number is that is drawn at random: one of the teens, or one whose first digit stands in a place. */
export const DRAWN = [
  "none",
  "teens",
  "tens",
  "hundreds",
  "thousands",
  "hundred-thousands",
  "millions",
] as const;
/** Whether a number that is drawn has a 0 among its digits. */
export const ZEROS = ["may", "none", "some"] as const;
