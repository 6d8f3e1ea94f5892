"use client";

import { Box, Grid, Text } from "@chakra-ui/react";
import dynamic from "next/dynamic";
import { useState } from "react";
import { fixesOf } from "@/core/mend/fixes";
import type { PlannedPart } from "@/core/plan";
import { isMarked } from "@/core/process/ledger";
import { Card, Remark } from "../frame/controls";
import { useNarrow } from "../frame/useNarrow";
import { AddStep, type GoesOn } from "./AddStep";
import type { BenchProps } from "./benchProps";
import { ByPart } from "./EatersCheck";
import { InTheBowl } from "./InTheBowl";
import { PartHead } from "./PartHead";
import { partsToJoin } from "@/core/dish/dish";
import { KeepsFocus } from "../frame/KeepsFocus";
import { PartColumn } from "./PartColumn";
import { PartChips } from "./PartChips";
import { PartList, WhoEats } from "./PartList";
import { PartSettings } from "./PartSettings";
import { SaltGauge } from "./SaltGauge";
import { StepForm } from "./StepForm";
import { StepSheet } from "./StepSheet";
import { FixButtons } from "./FixButtons";
import { burnerGiven } from "@/core/schedule/capacities";
import { StepCertainty, StepRemarks } from "./StepRemarks";
import { StepTable } from "./StepTable";

/** Fetched where a dish has no part yet. */
const OriginNote = dynamic(() => import("./OriginNote").then((m) => m.OriginNote), { ssr: false });
const NewDish = dynamic(() => import("./NewDish").then((m) => m.NewDish), { ssr: false });

export function Bench(props: BenchProps) {
  const { part, actions } = props;
  const narrow = useNarrow();
  // On a phone the step in hand comes up when it is asked for.
  const [open, setOpen] = useState(false);
  if (narrow)
    return (
      <KeepsFocus label="The part" gap="3" p="3">
        <PartChips {...props} />
        <Frozen frozen={props.frozen} />
        {part ? (
          <>
            <Head {...props} part={part} />
            <PartColumn
              part={part}
              plan={props.plan}
              ranges={props.ranges}
              stepId={open ? props.stepId : null}
              textContext={props.textContext}
              onSelect={(step) => {
                actions.selectStep(step);
                setOpen(true);
              }}
            />
            <AfterPart {...props} part={part} />
            <Salt {...props} part={part} />
          </>
        ) : (
          <NewDish {...props} />
        )}
        <PartList {...props} />
        <WhoEats {...props} />
        <PartsCheck {...props} />
        {open && part && props.selected && (
          <StepSheet label="The step in hand" onClose={() => setOpen(false)}>
            <KeepsFocus label="Its settings">
              <StepInHand {...props} part={part} />
            </KeepsFocus>
          </StepSheet>
        )}
      </KeepsFocus>
    );
  return (
    <Grid
      templateColumns={{ base: "minmax(0, 1fr)", lg: "13.5rem minmax(0, 1fr)", xl: "13.5rem minmax(0, 1fr) 19.5rem" }}
      gap="4"
      p="4"
      alignItems="start"
    >
      <KeepsFocus label="The dish" gap="4" minW="0">
        <PartList {...props} />
        <WhoEats {...props} />
      </KeepsFocus>
      <KeepsFocus label="The part" gap="4" minW="0">
        <Frozen frozen={props.frozen} />
        {part ? <Drawn {...props} part={part} /> : <NewDish {...props} />}
        <PartsCheck {...props} />
      </KeepsFocus>
      <KeepsFocus label="The step in hand" gap="4" minW="0" gridColumn={{ base: "auto", lg: "1 / -1", xl: "auto" }}>
        {part && props.selected && (
          <Card p="4">
            <StepInHand {...props} part={part} />
          </Card>
        )}
        {part && <AfterPart {...props} part={part} />}
        {part && <Salt {...props} part={part} />}
      </KeepsFocus>
    </Grid>
  );
}

type WithPart = BenchProps & { readonly part: PlannedPart };
const rowInHand = ({ part, stepId }: WithPart) => part.rows.find((r) => r.step.id === stepId) ?? null;

/** Who can eat which part, where there is room for a table; only where somebody must not eat something. */
function PartsCheck({ plan, supper, eaters, textContext }: BenchProps) {
  if (plan.verdicts.length + plan.diets.length === 0) return null;
  return (
    <Card p="4">
      <ByPart supper={supper} eaters={eaters} textContext={textContext} />
    </Card>
  );
}
function Frozen({ frozen }: Pick<BenchProps, "frozen">) {
  if (!frozen) return null;
  return (
    <Remark tone="watch">
      This supper is being cooked: its amounts are frozen. Weigh-ins on the Stove correct what follows.
    </Remark>
  );
}
function Head({ part, dish, frozen, undoLabel, redoLabel, actions }: WithPart) {
  return (
    <PartHead
      part={part}
      insteadOf={dish.replaces ? `instead of ${dish.replaces.words}` : dish.name}
      frozen={frozen}
      undoLabel={undoLabel}
      redoLabel={redoLabel}
      actions={actions}
    />
  );
}
/** The part drawn and in a table, where there is room beside it for the step in hand. */
function Drawn(props: WithPart) {
  const { part } = props;
  return (
    <>
      <Head {...props} />
      {part.rows.length === 0 ? <EmptyPart /> : <Filled {...props} />}
    </>
  );
}
function Filled({ part, plan, ranges, stepId, textContext, actions, frozen }: WithPart) {
  return (
    <>
      <InTheBowl
        part={part}
        plan={plan}
        ranges={ranges}
        stepId={stepId}
        textContext={textContext}
        onSelect={actions.selectStep}
      />
      <StepTable
        part={part}
        plan={plan}
        stepId={stepId}
        textContext={textContext}
        onSelect={actions.selectStep}
        frozen={frozen}
        actions={actions}
      />
    </>
  );
}
const EmptyPart = () => (
  <Card p="5">
    <Text color="quiet">Nothing is in it yet. Its first step says what goes in.</Text>
  </Card>
);
/** The form of the step in hand, what is to be said of it, and what usually comes next. */
function StepInHand(props: WithPart) {
  const { part, plan, selected, textContext, actions } = props;
  const row = rowInHand(props);
  if (row === null || selected === null) return null;
  const fixes = fixesOf(part.rows, part.rows.indexOf(row), {
    advice: plan.advice.find((a) => a.step === row.key) ?? null,
    cautions: props.cautions.filter((c) => c.step === row.key),
    kitchen: props.kitchen,
  });
  return (
    <>
      <StepForm
        key={row.key}
        selected={selected}
        part={part.name}
        number={part.rows.indexOf(row) + 1}
        actions={actions}
      />
      <StepRemarks row={row} plan={plan} cautions={props.cautions} textContext={textContext} />
      {!props.frozen && <FixButtons fixes={fixes} textContext={textContext} onTake={actions.takeFix} />}
      <Box mt="4" pt="3" borderTopWidth="1px" borderColor="line">
        <AddStep after={row.step.kind} disabled={props.frozen} onAdd={actions.addStep} />
      </Box>
      <StepCertainty
        row={row}
        ranges={props.ranges?.[row.key] ?? null}
        kitchen={props.kitchen}
        burner={burnerGiven(plan.tasks, row.key)}
      />
    </>
  );
}
/** A part without steps is filled here. */
function AfterPart(props: WithPart) {
  if (rowInHand(props) !== null) return null;
  return (
    <Card p="4">
      <AddStep after={null} goesOn={goesOn(props)} disabled={props.frozen} onAdd={props.actions.addStep} />
    </Card>
  );
}
/** Parts of which something is left, as far as they can be taken: what is still frozen cannot. */
function goesOn({ dish, plan, part }: WithPart): readonly GoesOn[] {
  const free = new Set(partsToJoin(dish, part.id).map((p) => p.id));
  const made = plan.dishes.find((d) => d.id === dish.id)?.parts.filter((p) => free.has(p.id)) ?? [];
  return made.flatMap(({ id, name, rows }) => {
    const row = rows.at(-1);
    const ends = row?.state === "computed" && !isMarked(row.outcome.after, "frozen");
    return ends ? [{ part: id, name, kind: row.step.kind }] : [];
  });
}
function Salt({ part, dish, frozen, actions }: WithPart) {
  const settings = dish.parts.find((p) => p.id === part.id);
  return (
    <>
      <Card p="4" display="grid" gap="3">
        {part.salt && <SaltGauge salt={part.salt} name={part.name} />}
        {settings && (
          <PartSettings
            waitsForTableMin={settings.waitsForTableMin}
            saltTarget={settings.saltTarget}
            frozen={frozen}
            onChange={actions.changePart}
          />
        )}
      </Card>
      {dish.origin && <OriginNote origin={dish.origin} />}
    </>
  );
}
