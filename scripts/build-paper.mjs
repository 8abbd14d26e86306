// Puts the paper room together: node scripts/build-paper.mjs
import { buildPaper } from "./lib/paper.mjs";

await buildPaper();
