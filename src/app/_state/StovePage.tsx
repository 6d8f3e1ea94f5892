"use client";

import dynamic from "next/dynamic";
import { useEffect } from "react";
import { localTime } from "@/core/calendar/localTime";
import { headCount } from "@/core/dish/dish";
import type { Plan } from "@/core/plan";
import { MissingSupper } from "@/ui/frame/MissingSupper";
import { BeforeCooking } from "@/ui/stove/BeforeCooking";
import type { RemarkText } from "@/words/facts";
import { describeOpen } from "@/words/open";
import { titledWork } from "@/words/tasks";
import { writeDay } from "@/words/time";
import { counted } from "@/words/count";
import { instant, newId, noted } from "./store";
import { nameIn, supperHref, type SupperView, useSupper } from "./supper";

/** Fetched while the cook reads the first question: what cooks is more than what asks. */
const cooking = () => import("./Cooking");
const Cooking = dynamic(() => cooking().then((m) => m.Cooking), { ssr: false });
/** So long after the question stands, ms. */
const CALM_MS = 1500;

export function StovePage() {
  const state = useSupper();
  if (state.state === "missing") return <MissingSupper />;
  if (state.state === "loading" || state.plan === null || state.planned === null || state.schedule === null)
    return null;
  const { plan, planned } = state;
  if (!state.frozen) return <Begin view={state} plan={planned} />;
  return <Cooking key={state.cooking?.row.id} view={state} plan={plan} planned={planned} />;
}

function Begin({ view, plan }: { view: SupperView; plan: Plan }) {
  const { supper, input, schedule, cautions } = view;
  const stops = cautions.filter((c) => c.severity === "stop");
  useEffect(() => {
    const timer = setTimeout(() => void cooking(), CALM_MS);
    return () => clearTimeout(timer);
  }, []);
  const moves = titledWork(plan, schedule);
  const begin = async () => {
    const first = moves[0];
    if (!first) return;
    const { frozenInput } = await import("@/core/cooking");
    const at = instant();
    const row = { id: newId("cooking"), supper: supper.id, startedAt: new Date(at).toISOString() };
    const begun = { kind: "begun", at, step: first.key } as const;
    const accepted = stops.map(({ step, rule }) => ({ step, rule }));
    // What the cook was asked and answered stays with the cooking.
    await noted.begin(
      { ...row, input: frozenInput(input) },
      ...(accepted.length === 0 ? [begun] : [{ kind: "accepted", at, stops: accepted } as const, begun]),
    );
  };
  const start =
    schedule?.kind === "fits"
      ? localTime(Date.parse(supper.serveAt) + schedule.startMin * 60_000, input.kitchen.timeZone)
      : null;
  const telling = { units: view.units, foods: view.foods, eater: nameIn(input.eaters) };
  const open: RemarkText[] = describeOpen(plan, cautions, input.eaters, telling);
  if (!start) open.push({ tone: "watch", says: "It does not fit the clock; the steps come in the order of the dish" });
  return (
    <BeforeCooking
      title={view.cooking ? `${supper.name}, once more` : supper.name}
      says={`${counted(moves.length, "step")} for ${headCount(supper)}, ${start ? `to begin ${writeDay(start)}` : "no time set"}. The first: ${moves[0]?.title ?? "nothing yet"}.`}
      open={open}
      stops={stops.length}
      bench={supperHref("bench", supper.id)}
      onBegin={() => void begin()}
    />
  );
}
