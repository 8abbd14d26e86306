"use client";

import { useState } from "react";
import type { WindowAt } from "@/core/surface/times-grid";

/** Beyond this distance, in cells, the origin moves to the window. */
const MAX_FROM_ORIGIN = 5000;

/**
 * The origin for the pixel positions of cells. It stays for as long as it can, so that a cell still visible after a
 * slide has not moved, and is not rendered again.
 */
export function useOrigin({ row, column }: WindowAt): WindowAt {
  const [origin, setOrigin] = useState({ row, column });
  const far =
    Math.abs(row - origin.row) > MAX_FROM_ORIGIN || Math.abs(column - origin.column) > MAX_FROM_ORIGIN;
  if (far) setOrigin({ row, column });
  return far ? { row, column } : origin;
}
