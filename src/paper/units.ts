/** Pixels of a millimetre: drawings are laid out in 96 to the inch. */
export const MM = 96 / 25.4;

/** Points of a pixel, as PDF measures. */
export const POINTS = 72 / 96;

/** The margin of a page, in millimetres: printers reach no further. */
export const MARGIN = 14;
