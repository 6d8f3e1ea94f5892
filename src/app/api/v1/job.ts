import { constants, setPriority } from "node:os";
import { worker } from "workerpool";
import { answerAt } from "./doors";

/** The thread in which a request is worked out; bundled by `scripts/jobs.mjs` and run by `pool.ts`. */
try {
  // On Linux 0 means this thread alone: where processors are short, pages come first.
  if (process.platform === "linux") setPriority(0, constants.priority.PRIORITY_BELOW_NORMAL);
} catch {
  // Where it may not step back it works as it is.
}
worker({ answerAt });
