import { singular } from "../lines/lexicon";
import { heatsIn, type Minutes, minutesIn } from "./method";
import { plainNumbers } from "../plainText";
import { GOES, piecesOf, tokensOf } from "./pieces";
import type { Action } from "./verbs";

/** How a word stands to the verb of its clause. */
export type Role = "object" | "with" | "into" | "over" | "from" | "but" | "mark";
/** A word of a clause. */
export interface Word {
  /** Lower case, as it stands. */
  readonly word: string;
  readonly singular: string;
  readonly role: Role;
}
/** One thing that is done: a verb with what stands beside it. */
export interface Clause {
  readonly sentence: number;
  readonly text: string;
  readonly action: Action;
  /** The verb as it stands; empty where none was said ("then the garlic"). */
  readonly verb: string;
  readonly words: readonly Word[];
  readonly minutes: Minutes | null;
  /** A heat that the clause names, °C, and of what. */
  readonly heats: readonly { readonly of: "oven" | "oil" | "core"; readonly tempC: number }[];
  readonly covered: boolean;
  readonly offHeat: boolean;
  /** "For the sauce, …": what it is about. */
  readonly about: string;
}

/** Where what stands before a verb is only when, where or what for. */
const ONLY_WHEN =
  /^(?:for|to|in|on|while|when|once|meanwhile|after|off|with|as|at|before|over|using|if|first|next|finally|then|now)\b/;

/** "Cook for 10 minutes, adding the kale for the last 2": it goes in after eight. */
const lastMinutes = (sentence: string): string =>
  sentence
    .replace(
      /\broll ((?:(?:them|it|each|each one|each ball|the [a-z]+) )?)in (?=(?:the |some |seasoned |plain |beaten )*(?:flour|egg|bread|panko|crumb|sesame|cornflour|starch|polenta|semolina))/i,
      "coat $1in ",
    )
    .replace(
      /,? (?:putting|placing|laying) ((?:a|the|some|one|\d+)\b.+?) (?:on each|on top|over (?:them|it|each))\b(?: (?:for|in) the (?:last|final) (?:\w+ )?min\w*)?/i,
      ", then top with $1",
    )
    .replace(
      /,? (?:pushing|hiding|tucking|pressing|sealing) ((?:a|the|some|one|\d+)\b.+?) (?:in|into|inside)(?: the (?:middle|centre|center) of)? (?:each|them)(?: one| ball)?\b/i,
      ", then stuff them with $1",
    )
    .replace(
      /\bfor (?:a further |another |about )?(\d+)((?:\s*[-–]\s*|\s+to\s+)\d+)? ?(min\w*)(,? (?:and )?)adding (.+?) (?:for|in) the (?:last|final) (\d+|few|couple of)? ?min\w*/i,
      (all, n: string, _to: string, min: string, _and: string, what: string, last: string | undefined) => {
        // In water that is poured off it is boiled with the rest.
        if (/\b(?:water|boil|parboil|blanch|steam)\b/i.test(sentence)) return all;
        const late = Number(last ?? 1) || 3;
        return `for ${Math.max(1, Number(n) - late)} ${min}, then add ${what} and cook for ${late} minutes`;
      },
    );

/** A sentence as its clauses: each verb with its objects, where, with what, how long, how hot. */
export function clausesOf(sentence: string, at: number): Clause[] {
  const plain = numbered(
    lastMinutes(sentence)
      // "We do rice with it", "ate it with potatoes".
      .replace(
        /^\s*(?:(?:i|we|you) )?(?:usually |always )?(?:ate|had|have|do|did|eat|like)\s+(?=(?:it|them|this) with\b|[^.;]*\bwith (?:it|them|this)\b)/i,
        "serve ",
      )
      .replace(
        /\b(stir|pan|deep|shallow|flash|air)[ -](?=fr(?:y|ied|ies)\b)|\b(pressure|slow)[ -](?=cook)/gi,
        (m) => `${m.trim().replace(/-$/, "")}-`,
      ),
  );
  const pieces = piecesOf(plain);
  const clauses: Clause[] = [];
  // "Sauce is 100 g peanut butter, 150 ml coconut milk": what it is about stands before what it is of.
  const ofWhat = /^\s*(?:the |for the )?(\w+)(?:\s+is|:)\s/i.exec(sentence)?.[1]?.toLowerCase() ?? "";
  let about = MADE_BESIDE.has(ofWhat) ? ofWhat : "";
  let carried = "";
  let objects: readonly Word[] = [];
  for (const piece of pieces) {
    if (piece.verb === null) {
      const text = piece.words
        .map((w) => w.word)
        .join(" ")
        .replace(/^(?:(?:then|and|,)(?=\s|$)|\s)+/, "")
        .replace(/(?:[,.;:!\s]|\s(?:and|then))+$/, "");
      if (text === "") continue;
      // "150 g brown rice: boil 25 min".
      if (piece.before) {
        about = "";
        objects = wordsIn(text);
        continue;
      }
      // "Split peas: simmer 25 min."
      if (piece.named && !/\b(?:hot|minutes?|min)\b/.test(text)) {
        about = text.replace(/^(?:for )?(?:the )?/, "");
        continue;
      }
      const goes =
        /^in (?:go|goes|went) /.test(text) ||
        GOES.test(
          text
            .replace(/\s*,?\s*\d[^a-z]*(?:min\w*|hours?).*$/, "")
            .replace(/\bfor the last.*$/, "")
            .trim(),
        );
      if (!goes && ONLY_WHEN.test(text) && piece.more) {
        carried = `${carried} ${text}`;
        about = /^(?:for|to make) (?:the )?([^,]+)$/.exec(text)?.[1] ?? about;
        continue;
      }
      const last = clauses.at(-1);
      // "Marinade: 3 tbsp soy sauce, 1 tbsp lime juice": what stands behind the colon is what it is done with.
      if (last !== undefined && last.action !== "none" && /^\w+ :$/.test(last.text.trim())) {
        const withIt = wordsIn(`with ${text}`);
        clauses[clauses.length - 1] = {
          ...last,
          text: `${last.text} ${text}`,
          words: withIt,
          minutes: minutesIn(text)[0] ?? last.minutes,
        };
        continue;
      }
      const before = last?.action;
      const again =
        before !== undefined &&
        REPEATS.has(before) &&
        (before === "coat" || /^(?:with|over|in|into|the|a|an|all|half|both|\d)\b/.test(text))
          ? before
          : before === "cover" && /^(?:the|a|an|another|more|half)\b/.test(text)
            ? "top"
            : "add";
      const action: Action = /\bout(?: again)?$/.test(text)
        ? "lift-out"
        : /\bon top$|\bover$/.test(text)
          ? "top"
          : /\b(?:on the side|alongside)$/.test(text)
            ? "serve"
            : /\bback\b/.test(text)
              ? "return"
              : "add";
      clauses.push(
        clause(
          at,
          text,
          goes ? action : again,
          goes ? "in" : "",
          wordsIn(text.replace(/^in (?:go|goes|went) /, "")),
          about,
          carried,
        ),
      );
      carried = "";
      continue;
    }
    const text = piece.words.map((w) => w.word).join(" ");
    // "Make the crust: cut the butter into the flour."
    const made =
      /^(?:make|start|prepare) (?:the |a )?([^,.;:]+)[:.,]\s*$/.exec(text)?.[1] ??
      /^to make (?:the )?([^,]+)/.exec(text)?.[1];
    if (made !== undefined && piece.more) {
      about = made.trim();
      continue;
    }
    clauses.push(
      clause(
        at,
        `${text}`,
        piece.action,
        piece.verb,
        [...objects, ...wordsIn(text.slice(piece.verb.length), piece.verb)],
        about,
        carried,
      ),
    );
    objects = [];
    carried = "";
  }
  return clauses;
}
/** What is made beside the rest, in a bowl or a pan of its own. */
const MADE_BESIDE = new Set(
  "sauce dressing dip glaze salad slaw salsa relish gravy topping filling dough batter paste".split(" "),
);
/** What goes on with the next thing: "toss with the pepper, then with the starch", "dip in the flour, then the egg". */
const REPEATS = new Set<Action>(["toss", "coat", "brush", "season", "top", "layer", "spread", "stuff", "mix", "cut"]);
const numbered = (text: string): string =>
  plainNumbers(text.replace(/\bhalf an hour\b/gi, "30 minutes").replace(/½ (hours?|h)\b/gi, "30 minutes"))
    .replace(/\b0\.5 hours?\b/gi, "30 minutes")
    .replace(/\ban hour and a quarter\b/gi, "75 minutes")
    .replace(/\b(?:a )?quarter of an hour\b|\b0\.25 hours?\b/gi, "15 minutes")
    .replace(/\b(?:a|1) (?:minute)\b/gi, "1 minute")
    .replace(/\ban hour and (?:a half|0\.5)\b/gi, "90 minutes")
    .replace(/\b(?:an|the last|another) hour\b/gi, "60 minutes");

const ROLES: Readonly<Record<string, Role>> = {
  with: "with",
  in: "into",
  into: "into",
  through: "into",
  to: "into",
  inside: "into",
  over: "over",
  on: "over",
  onto: "over",
  around: "over",
  from: "from",
  but: "but",
  except: "but",
  until: "mark",
  till: "mark",
  so: "mark",
  while: "mark",
  when: "mark",
  keeping: "mark",
  leaving: "mark",
  reserving: "mark",
  turning: "mark",
  stirring: "mark",
  beside: "mark",
  alongside: "mark",
  adding: "object",
};
/** A little word that belongs to its verb: "stir in the garlic", "pour over the sauce". */
const BELONGS: readonly (readonly [RegExp, RegExp])[] = [
  [
    /^(?:stir|fold|whisk|beat|pour|mix|tip|throw|chuck|scatter|crumble|sprinkle|work|drop|add|tear|slide|put|blend|lower|pile|spoon)$/,
    /^in$/,
  ],
  [/^(?:stir|fold|mix|swirl|toss|run)$/, /^through$/],
  [/^(?:pour|scatter|spoon|sprinkle|drizzle|crumble|spread|grate|dot|ladle|tip|brush|strew)$/, /^(?:over|on)$/],
];
function wordsIn(text: string, verb = ""): Word[] {
  let role: Role = "object";
  let first = BELONGS.some(([v]) => v.test(verb));
  let depth = 0;
  let fixed = false;
  return tokensOf(text).flatMap((t, i, all): Word[] => {
    if (t.word === "(") depth++;
    if (t.word === ")") depth--;
    if (depth > 0 || t.word === ")") return [];
    if (t.word === "," && role === "mark") {
      role = "object";
      fixed = false;
    }
    const isPart = first && BELONGS.some(([v, w]) => v.test(verb) && w.test(t.word));
    first = false;
    if (isPart) return [];
    // "The cumin and chilli go in and 200 g passata": in the pan, not in the passata.
    const ends = all[i + 1] === undefined || all[i + 1]?.soft === true || all[i + 1]?.hard === true;
    const next = t.word === "in" && ends ? undefined : ROLES[t.word];
    if (next !== undefined && !fixed) {
      role = next;
      fixed = next === "mark";
      return [{ word: t.word, singular: t.word, role }];
    }
    return [{ word: t.word, singular: singular(t.word), role }];
  });
}

function clause(
  sentence: number,
  text: string,
  action: Action,
  verb: string,
  words: readonly Word[],
  about: string,
  before: string,
): Clause {
  const whole = `${before} ${text}`;
  // Behind "until" only the time counts that stands before it.
  const bareOven =
    /\boven (?:at |to |on )?(\d{3})\b/.exec(whole)?.[1] ??
    /\b(?:min\w*|hours?|hrs?) (?:at )?(1[4-9]\d|2[0-6]\d)\b(?! ?(?:g|ml))/.exec(whole)?.[1];
  const oven: readonly { readonly of: "oven"; readonly tempC: number }[] =
    bareOven !== undefined && Number(bareOven) <= 260 ? [{ of: "oven", tempC: Number(bareOven) }] : [];
  const [minutes = null] = minutesIn(whole.replace(/\([^)]*\)/g, " "));
  return {
    sentence,
    text,
    action,
    verb,
    words: [...(/^\s*(?:for|to make|to)\b/.test(before) ? [] : wordsIn(before)), ...words],
    minutes: minutes ?? quickly(whole) ?? minutesIn(whole)[0] ?? null,
    heats: [
      ...(heatsIn(whole).length === 0 ? oven : []),
      ...heatsIn(whole).flatMap((h) => {
        // Bare degrees are asked; until then no home oven means so few of Fahrenheit's.
        const tempC = h.tempC ?? (Number(/\d+/.exec(h.from)?.[0]) <= 260 ? Number(/\d+/.exec(h.from)?.[0]) : null);
        return tempC === null ? [] : [{ of: heatOf(whole, h.from), tempC }];
      }),
    ],
    covered:
      /\b(?:cover|covered|lid|foil)\b/.test(whole) &&
      !/\b(?:remove|take off|lift off|discard) the (?:foil|lid|cover)\b|\b(?:uncover|uncovered|lid off|take off the lid|without a lid)\b/.test(
        whole,
      ),
    offHeat: /\boff the heat\b|\bfrom the heat\b/.test(whole),
    about,
  };
}
const quickly = (text: string): Minutes | null =>
  /\b(?:a|the last) minute\b/.test(text) ? { low: 1, high: 1, eachSide: false } : null;
function heatOf(text: string, from: string): "oven" | "oil" | "core" {
  const before = text.slice(0, Math.max(0, text.indexOf(from.slice(0, 3))));
  if (/\b(?:probe|thermometer|middle|inside|core|reads)\b/.test(before) || /\binside\b/.test(text)) return "core";
  const inOil = /\b(?:deep-fry|fry)\b|\b(?:oil|fat)\s+(?:to|at|reaches|is)\b/.test(text);
  return inOil && !/\b(?:oven|tray|bake|roast)\b/.test(text) ? "oil" : "oven";
}
