/**
 * Long checks run whole, with seeds of their own run, in `npm run proof`; the check runs a sample of each with seeds that stay, so
 * that it is the same each time. Both print the seed with what fails.
 */
export const PROVING = process.env.PROOF === "1";
const APPROVING = process.env.APPROVE === "1";
const RUN = PROVING ? Number(process.env.PROOF_SEED ?? 0) : 0;

/** How many of something: in the check, and in the proof (and where what is to stand in a file is approved). */
export const many = (inCheck: number, inProof: number): number => (PROVING || APPROVING ? inProof : inCheck);
/** A seed that stays in the check and is a new one in each proof; the proof says which (`PROOF_SEED=7 npm run proof`). */
export const seedOf = (fixed: number): number => (fixed + RUN) % 2 ** 31;
