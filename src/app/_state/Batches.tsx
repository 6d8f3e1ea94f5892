"use client";

import { Box, HStack, Text } from "@chakra-ui/react";
import { fittedAgain } from "@/core/dish/batches";
import type { BatchStanding } from "@/core/dish/batchStandings";
import { Quiet, Remark } from "@/ui/frame/controls";
import { describeStanding } from "@/words/batches";
import { makeApart, saveBoth } from "./oneBatch";
import { type SupperView, useSupper } from "./supper";

/** Batches of another supper that this one can no longer count on: told on each of its pages, with the way out. */
export function BatchesAmiss() {
  const state = useSupper();
  if (state.state !== "ready") return null;
  const amiss = state.batches.filter((b) => b.kind !== "stands");
  if (amiss.length === 0) return null;
  return (
    <Box px={{ base: "3", md: "4" }} pt="3" className="no-print">
      {amiss.map((standing) => (
        <Amiss key={standing.key} standing={standing} view={state} />
      ))}
    </Box>
  );
}
function Amiss({ standing, view }: { readonly standing: BatchStanding; readonly view: SupperView }) {
  const { supper, makers } = view;
  const maker = makers.find((s) => s.id === standing.from.supper) ?? null;
  const again = maker === null ? null : fittedAgain(maker, supper, standing.key);
  return (
    <Remark tone="harm" fontSize="md" role="alert">
      <HStack gap="3" wrap="wrap">
        <Text flex="1" minW="13rem">
          {describeStanding(standing)}
        </Text>
        {again !== null && maker !== null && (
          <Quiet
            onClick={() => void saveBoth("One batch fitted again", { first: maker, later: supper }, again)}
            aria-label={`Fit it again: ${standing.part}`}
          >
            Fit it again
          </Quiet>
        )}
        <Quiet onClick={() => void makeApart(view, standing.key)} aria-label={`Make it here: ${standing.part}`}>
          Make it here
        </Quiet>
      </HStack>
    </Remark>
  );
}
