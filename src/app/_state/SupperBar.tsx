"use client";

import { usePathname } from "next/navigation";
import { type ReactNode, useCallback } from "react";
import { headCount } from "@/core/dish/dish";
import { localTime } from "@/core/calendar/localTime";
import type { UnitSystem } from "@/core/quantities/units";
import { Bar, HouseNav, type Stage, Thread } from "@/ui/frame/headers";
import { useSame } from "@/ui/frame/useSame";
import { writeDay, writeWhen } from "@/words/time";
import { describeReplaced } from "@/words/replaced";
import { counted } from "@/words/count";
import { STAGES, type StageSlug } from "./stages";
import { useAhead } from "./ahead";
import { saveKitchen, useKitchen, useStoring } from "./store";
import { supperHref, type SupperView, useSupper } from "./supper";

/** What is settled and what is open, a few words a stage. */
function stagesOf(view: SupperView, path: string): Stage[] {
  const { plan, schedule, supper, cooking, input, frozen } = view;
  const open =
    plan === null
      ? 0
      : plan.blocked +
        plan.verdicts.filter((v) => v.verdict !== "clear").length +
        plan.diets.filter((d) => d.verdict !== "fits").length;
  const zone = input.kitchen.timeZone;
  const start =
    schedule?.kind === "fits" ? localTime(Date.parse(supper.serveAt) + schedule.startMin * 60_000, zone) : null;
  const done = cooking?.progress.doneAt.size ?? 0;
  const all = plan?.dishes.reduce((n, d) => n + d.parts.reduce((m, p) => m + p.rows.length, 0), 0) ?? 0;
  const stage = (name: string, slug: StageSlug, says: string, tone: Stage["tone"]): Stage => ({
    name,
    says,
    tone,
    href: supperHref(slug, supper.id),
    here: path.endsWith(slug),
  });
  const of: Readonly<Record<StageSlug, Stage>> = {
    swap: stage("Swap", "swap", describeReplaced(supper.dishes), "plain"),
    bench: stage(
      "Bench",
      "bench",
      plan === null ? "…" : open === 0 ? "settled" : `${counted(open, "thing")} to look at`,
      open === 0 ? "plain" : "open",
    ),
    clock: stage(
      "Clock",
      "clock",
      schedule === null
        ? "…"
        : start
          ? `begin ${writeWhen(start, localTime(Date.parse(supper.serveAt), zone))}`
          : "does not fit",
      schedule !== null && !start ? "open" : "plain",
    ),
    stove: stage("Stove", "stove", frozen ? `${done} of ${all} done` : cooking ? "cooked" : "not begun", "plain"),
  };
  return [
    { name: "Counter", says: "all suppers", tone: "plain", href: "/", here: false },
    ...STAGES.map((slug) => of[slug]),
  ];
}

export function SupperBar() {
  const state = useSupper();
  const path = usePathname();
  const storing = useStoring();
  const kitchen = useKitchen();
  const setUnits = useCallback(
    (units: UnitSystem) => kitchen && void saveKitchen(kitchen, { ...kitchen, units }, "Units"),
    [kitchen],
  );
  const stages = useSame(state.state === "ready" ? stagesOf(state, path) : []);
  useAhead(
    stages.filter((s) => !s.here).map((s) => s.href),
    state.state === "ready" && state.plan !== null && state.schedule !== null,
  );
  const bar = (children: ReactNode) => (
    <Bar units={kitchen?.units ?? "metric"} onUnits={setUnits} path={path} storing={storing}>
      {children}
    </Bar>
  );
  if (state.state !== "ready") return bar(<HouseNav here="" />);
  const { supper, input } = state;
  const when = `${writeDay(localTime(Date.parse(supper.serveAt), input.kitchen.timeZone))} · ${counted(headCount(supper), "eater")}`;
  return bar(<Thread name={supper.name} when={when} stages={stages} />);
}
