import { worker } from "workerpool";
import { answerAt } from "./doors";

/** The thread in which a request is worked out; bundled by `scripts/jobs.mjs` and run by `pool.ts`. */
worker({ answerAt });
