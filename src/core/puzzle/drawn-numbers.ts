/** The size of a random number: one of the teens, or by the place of its first digit. */
export const DRAWN = [
  "none",
  "teens",
  "tens",
  "hundreds",
  "thousands",
  "hundred-thousands",
  "millions",
] as const;
/** Whether a random number has a 0 among its digits. */
export const ZEROS = ["may", "none", "some"] as const;
