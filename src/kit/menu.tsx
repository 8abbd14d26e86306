"use client";

import type { ReactNode } from "react";
import { type Later, later } from "./later";
import { type OpensFrom, useOpener } from "./opener";

const list = () => import("./menu-list");
const MenuList = later(() => list().then((part) => part.MenuList));

/** A separator in the list. */
export const MenuLine = later(() => list().then((part) => part.MenuLine));
export const MenuItem = later(() => list().then((part) => part.MenuItem));

const PARTS = [MenuList, MenuLine, MenuItem];

/** Loads what menus open with. */
export const bringMenus = () => Promise.all(PARTS.map((part) => part.bring()));

type Props = {
  button: OpensFrom;
  children: ReactNode;
  align?: "start" | "center" | "end";
  /** What the menu holds, where that is not there from the start. */
  needs?: Pick<Later<object>, "bring" | "isThere">;
};

/** A list of things to do that opens from a button. */
export function Menu({ needs, ...props }: Props) {
  const { asked, alone } = useOpener(props.button, "menu", needs ? [...PARTS, needs] : PARTS);
  return asked ? <MenuList {...props} /> : alone;
}
