"use client";

import { useState } from "react";
import type { WindowAt } from "@/core/surface/times-grid";

/** Further from where its cells are counted than this, in places, they are counted anew from the window. */
const MAX_FROM_ORIGIN = 5000;

/**
 * From where the cells of a window have their pixels counted. It stays for as long as it can, so that a cell that
 * is still seen after a slide has not moved, and is not drawn again.
 */
export function useOrigin({ row, column }: WindowAt): WindowAt {
  const [origin, setOrigin] = useState({ row, column });
  const far =
    Math.abs(row - origin.row) > MAX_FROM_ORIGIN || Math.abs(column - origin.column) > MAX_FROM_ORIGIN;
  if (far) setOrigin({ row, column });
  return far ? { row, column } : origin;
}
