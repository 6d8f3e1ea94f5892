import { actionOf, actionOfForm } from "../method/verbs";
import { addStep, besideMeat, bringAlong, type Doing, named, potsOf, told, workedOn } from "./doing";
import { holderOf, isEmpty } from "./pot";

/** "Confit the garlic", "smoke it", "ferment for 3 days": what begins so is bidden. */
const BIDS =
  /^(?:then |and |now |next )*([\p{L}][\p{L}-]{3,}) (?:the|it|them|this|these|all|both|each|your|half|every\w*|for \d)\b/u;
/** Words that begin so and bid nothing. */
const NO_VERBS = new Set(
  "once when while after before until with from into onto over under through during about around between then than that this these those they there here where what which meanwhile plus also even just only maybe perhaps like unlike without because since though although unless whether both either neither should would could have does will your some most much many more less same other another such very well good great above below beside behind alongside towards against within twice always often sometimes again back last first second third finally lastly same half each every everything nothing anything except despite instead hence thus otherwise today tonight tomorrow however minutes minute hours hour seconds days leave made took went gave came said found used wanted liked loved love thought think thinks means makes does want wants hope hopes feeds replaces stands gives takes adapted inspired".split(
    " ",
  ),
);
const DAYS = /\b(\d+)(?:[-–]\d+)? (days?|weeks?)\b/;
const HEAT_C = /\b(\d{2,3}) ?°? ?c\b/;
/** Longer than this nobody stands beside it. */
const WATCHED_MIN = 12;
const MOST_MIN = 14 * 1440;
const TEXT_MOST = 300;

/** Whether a clause bids something that no verb here is for. */
export function isUnheardOf({ k, clause, mentions }: Doing): boolean {
  if (clause.verb !== "" || clause.action !== "add") return false;
  const word = BIDS.exec(clause.text)?.[1];
  if (word === undefined || NO_VERBS.has(word) || word.endsWith("ly") || actionOf(word) !== null) return false;
  if (actionOfForm(word) !== null || k.stock.some((s) => s.names.some((n) => n.includes(word)))) return false;
  if (k.pots.some((p) => p.called.has(word))) return false;
  return mentions.length > 0 || /\b(?:it|them|everything|all)\b/.test(clause.text) || /^\S+ for \d/.test(clause.text);
}

const OF_HERE = /^(?:then |and |now |next )*\S+ (?:it|them|this|these|all|everything|for)\b/;
const ROLES = ["object", "with", "into", "over", "from"] as const;
/** A step in the recipe's own words: what it names goes in, and it holds the heat that it speaks of. */
export function asWritten(d: Doing): void {
  const { k, clause } = d;
  const raw = potsOf(d.mentions).find((p) => p.meat !== null && p.left > 0.999 && !p.done);
  if (raw !== undefined && named(d, "object").every((m) => m.is === "pot" && m.pot === raw))
    return told(d, "with-meat");
  const here = k.here === null ? null : holderOf(k.here);
  const isOfHere = OF_HERE.test(clause.text) && here !== null && !isEmpty(here);
  const pot = isOfHere ? k.workOn(here) : workedOn(d, ROLES);
  if (pot === null || isEmpty(pot)) return told(d, "no-cooking");
  const work = besideMeat(k, pot);
  if (isOfHere) bringAlong(d, work, ROLES);
  const says = clause.text.trim();
  const [, n, unit] = DAYS.exec(says) ?? [];
  const days = n === undefined ? null : Number(n) * (unit?.startsWith("week") === true ? 7 : 1);
  const said = clause.minutes === null ? null : (clause.minutes.low + clause.minutes.high) / 2;
  const minutes = days !== null ? Math.min(MOST_MIN, days * 1440) : said;
  const heatC = Number(HEAT_C.exec(says)?.[1] ?? clause.heats[0]?.tempC ?? NaN);
  const heat = /\boven\b/.test(says)
    ? "oven"
    : /\b(?:hot|deep) (?:oil|fat)\b/.test(says)
      ? "oil"
      : /\b(?:pan|wok|hob|flame|heat|burner|griddle|oil|coals|torch\w*)\b/.test(says) || heatC >= 50
        ? heatC >= 120
          ? "oven"
          : "hob"
        : "none";
  addStep(d, work, "as-written", {
    text: `${says.slice(0, 1).toUpperCase()}${says.slice(1)}`.slice(0, TEXT_MOST),
    minutes,
    attention: minutes === null ? "hands" : minutes <= WATCHED_MIN ? "watch" : "wait",
    heat,
    heatC: heat !== "none" && heatC >= 30 && heatC <= 300 ? heatC : null,
  });
  work.hot ||= heat !== "none";
  k.here = work;
}
