"use client";

import dynamic from "next/dynamic";
import { usePathname } from "next/navigation";
import { type ReactNode, useCallback } from "react";
import { headCount } from "@/core/dish/dish";
import { openIn, type OpenIn } from "@/core/open";
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
import { nameIn, supperHref, type SupperView, useSupper } from "./supper";

const Stops = dynamic(() => import("@/ui/frame/Stops").then((m) => m.Stops), { ssr: false });

/** "settled", "2 things to look at", "1 stop, 2 things to look at". */
function describeOpenCount({ stops, count }: OpenIn): string {
  const others = count - stops.length;
  const looks = others === 0 ? [] : [`${counted(others, "thing")} to look at`];
  return count === 0
    ? "settled"
    : [...(stops.length === 0 ? [] : [counted(stops.length, "stop")]), ...looks].join(", ");
}
/** What is settled and what is open, a few words a stage. */
function stagesOf(view: SupperView, path: string): Stage[] {
  const { plan, schedule, supper, cooking, input, frozen, cautions } = view;
  const open = plan === null ? null : openIn(plan, cautions);
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
      open === null ? "…" : describeOpenCount(open),
      open === null || open.count === 0 ? "plain" : open.stops.length > 0 ? "stop" : "open",
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
  // A stop that the cook has answered at the beginning of the cooking says nothing more here.
  const stops = state.frozen ? [] : state.cautions.filter((c) => c.severity === "stop");
  return (
    <>
      {bar(<Thread name={supper.name} when={when} stages={stages} />)}
      {/* The first page of the Stove lists them itself, before it asks. */}
      {stops.length > 0 && !path.endsWith("stove") && (
        <Stops stops={stops} telling={{ units: state.units, foods: state.foods, eater: nameIn(input.eaters) }} />
      )}
    </>
  );
}
