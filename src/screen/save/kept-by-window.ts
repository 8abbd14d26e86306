import * as z from "@/core/zod";
import { whereKey } from "../store/where-key";
import { WhereaboutsKept } from "../store/whereabouts-kept";
import { readKept } from "./browser-store";
import { WINDOW } from "./kept-keys";

const Name = z.string().check(z.minLength(1), z.maxLength(40));

/** The stored name of a window. */
export const readName = () => readKept(sessionStorage, WINDOW, Name);

/** Where the teacher was in a lesson. */
export const readWhere = (id: string) => readKept(sessionStorage, whereKey(id), WhereaboutsKept);
