"use client";

import { useEffect } from "react";
import { bringInTurn } from "./bring-in-turn";
import { later } from "./later";

const Names = later(
  () => import("./sign-names").then((part) => part.SignNames),
  () => null,
  "when brought",
);

/** The names of icons come in the first pause of the page, which stands sooner without them. */
export function SignNamesLater() {
  useEffect(() => bringInTurn([Names]), []);
  return <Names />;
}
