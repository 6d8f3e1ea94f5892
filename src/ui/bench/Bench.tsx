"use client";

import { Box, Grid, Stack } from "@chakra-ui/react";
import { Card, Remark } from "../frame/controls";
import { AddStep } from "./AddStep";
import type { BenchProps } from "./benchProps";
import { InTheBowl } from "./InTheBowl";
import { NewDish } from "./NewDish";
import { PartHead } from "./PartHead";
import { PartList } from "./PartList";
import { PartSettings } from "./PartSettings";
import { SaltGauge } from "./SaltGauge";
import { StepForm } from "./StepForm";
import { StepRemarks } from "./StepRemarks";
import { StepTable } from "./StepTable";

export function Bench(props: BenchProps) {
  const { plan, part, textContext, selected, stepId, actions } = props;
  const row = part?.rows.find((r) => r.step.id === stepId) ?? null;
  const settings = props.dish.parts.find((p) => p.id === part?.id);
  const number = part ? part.rows.findIndex((r) => r === row) + 1 : 0;
  return (
    <Grid
      templateColumns={{ base: "minmax(0, 1fr)", lg: "13.5rem minmax(0, 1fr)", xl: "13.5rem minmax(0, 1fr) 19.5rem" }}
      gap="4"
      p={{ base: "3", md: "4" }}
      alignItems="start"
    >
      <PartList {...props} />
      <Stack gap="4" minW="0">
        {props.frozen && (
          <Remark tone="watch">
            This supper is being cooked: its amounts are frozen. Weigh-ins on the Stove correct what follows.
          </Remark>
        )}
        {part ? (
          <>
            <PartHead
              part={part}
              insteadOf={props.dish.replaces ? `instead of ${props.dish.replaces}` : props.dish.name}
              frozen={props.frozen}
              undoLabel={props.undoLabel}
              redoLabel={props.redoLabel}
              actions={actions}
            />
            <InTheBowl
              part={part}
              plan={plan}
              ranges={props.ranges}
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
              frozen={props.frozen}
              actions={actions}
            />
          </>
        ) : (
          <NewDish onAdd={actions.addPart} />
        )}
      </Stack>
      <Stack gap="4" minW="0" gridColumn={{ base: "auto", lg: "1 / -1", xl: "auto" }}>
        {part && row && selected && (
          <Card p="4">
            <StepForm key={row.key} selected={selected} part={part.name} number={number} actions={actions} />
            <StepRemarks
              row={row}
              plan={plan}
              cautions={props.cautions}
              ranges={props.ranges?.[row.key] ?? null}
              kitchen={props.kitchen}
              textContext={textContext}
            />
            <Box mt="4" pt="3" borderTopWidth="1px" borderColor="line">
              <AddStep after={row.step.kind} disabled={props.frozen} onAdd={actions.addStep} />
            </Box>
          </Card>
        )}
        {part && !row && (
          <Card p="4">
            <AddStep after={null} disabled={props.frozen} onAdd={actions.addStep} />
          </Card>
        )}
        {part && (
          <Card p="4">
            {part.salt && <SaltGauge salt={part.salt} name={part.name} />}
            {settings && (
              <PartSettings
                waitsForTableMin={settings.waitsForTableMin}
                saltTarget={settings.saltTarget}
                frozen={props.frozen}
                onChange={actions.changePart}
              />
            )}
          </Card>
        )}
      </Stack>
    </Grid>
  );
}
