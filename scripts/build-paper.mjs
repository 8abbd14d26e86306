// Builds the paper room: node scripts/build-paper.mjs
import { buildPaper } from "./lib/paper.mjs";

await buildPaper();
