"use client";

import { Box, chakra, Flex, Heading, Stack, Text } from "@chakra-ui/react";
import { Plus } from "lucide-react";
import dynamic from "next/dynamic";
import { memo, useState } from "react";
import type { DishId, PartId } from "@/core/process/step";
import { writeMass } from "@/core/quantities/write";
import { Card, Link, Pill, Quiet } from "../frame/controls";
import { useSame } from "../frame/useSame";
import { Choice, NumberField, TextField } from "../frame/fields";
import type { BenchProps } from "./benchProps";
import { EatersCheck } from "./EatersCheck";
import { ScaleDish } from "./ScaleDish";

/** Comes with the first part that is added. */
const AddPart = dynamic(() => import("./AddPart").then((m) => m.AddPart), { ssr: false });

/** Come with the first amount that is asked about. */
const Doubts = dynamic(() => import("./Doubts").then((m) => m.Doubts), { ssr: false });

type ListProps = Omit<BenchProps, "ranges">;

/** Dishes and parts of the supper. */
export function PartList(props: ListProps & Pick<BenchProps, "recipeHref">) {
  const { plan, dish, part, textContext, supper, kitchen, foods, frozen, actions, recipeHref, stepId } = props;
  // What is asked of the step in hand stands beside its lines.
  const elsewhere = plan.doubts.filter((d) => d.kind !== "share" || d.dish !== dish.id || d.step !== stepId);
  return (
    <Card p="3" minW="0">
      {recipeHref && (
        <Text fontSize="sm" mb="2">
          <Link href={recipeHref} color="jade" textDecoration="underline" display="inline-block" py="2">
            The recipe it was, line by line
          </Link>
        </Text>
      )}
      <Dishes
        plan={plan}
        dishId={dish.id}
        name={dish.name}
        partId={part?.id ?? null}
        textContext={textContext}
        frozen={frozen}
        actions={actions}
        foods={foods}
        kitchen={kitchen}
      />
      {elsewhere.length > 0 && (
        <Doubts
          doubts={elsewhere}
          foods={textContext.foods}
          units={textContext.units}
          frozen={frozen}
          onSure={actions.beSure}
          onShow={(doubt) => {
            actions.selectDish(doubt.dish);
            actions.selectPart(doubt.part);
            actions.selectStep(doubt.step);
          }}
        />
      )}
      {!frozen && (
        <ScaleDish dish={dish} supper={supper} kitchen={kitchen} textContext={textContext} onScale={actions.scale} />
      )}
    </Card>
  );
}

/** Who eats, what each of them gets, and whether they can eat it. */
export function WhoEats({ plan, textContext, supper, eaters, frozen, actions }: ListProps) {
  const verdicts = useSame(plan.verdicts);
  const diets = useSame(plan.diets);
  const disliked = useSame(plan.disliked);
  return (
    <Stack gap="4" minW="0">
      <Card p="3">
        <AtTable
          invited={supper.eaters}
          guests={supper.guests}
          eaters={eaters}
          frozen={frozen}
          onInvite={actions.invite}
        />
        <EachEats plan={plan} textContext={textContext} />
      </Card>
      <EatersCheck
        verdicts={verdicts}
        diets={diets}
        disliked={disliked}
        eaters={eaters}
        textContext={textContext}
        frozen={frozen}
        onExchange={actions.exchange}
        onLabel={actions.noteLabel}
      />
    </Stack>
  );
}

interface DishesProps extends Pick<BenchProps, "plan" | "textContext" | "frozen" | "actions" | "foods" | "kitchen"> {
  readonly dishId: DishId;
  readonly name: string;
  readonly partId: PartId | null;
}
const Dishes = memo(function Dishes({
  plan,
  dishId,
  name,
  partId,
  textContext,
  frozen,
  actions,
  foods,
  kitchen,
}: DishesProps) {
  const [adding, setAdding] = useState(false);
  return (
    <>
      {plan.dishes.map((d) => (
        <Box key={d.id} mb="2">
          {d.id === dishId && !frozen ? (
            <TextField label="Dish" hideLabel wraps value={name} onCommit={actions.renameDish} />
          ) : (
            <chakra.button
              type="button"
              onClick={() => actions.selectDish(d.id)}
              fontFamily="heading"
              fontWeight="700"
              textAlign="start"
              py="1"
            >
              {d.name}
            </chakra.button>
          )}
          {d.id === dishId && (
            <Stack gap="0.5" mt="2" as="ul" listStyleType="none">
              {d.parts.map((p) => (
                <li key={p.id}>
                  <chakra.button
                    type="button"
                    aria-pressed={p.id === partId}
                    onClick={() => actions.selectPart(p.id)}
                    display="flex"
                    w="100%"
                    minH="11"
                    px="3"
                    alignItems="center"
                    justifyContent="space-between"
                    gap="2"
                    textAlign="start"
                    borderStartWidth="4px"
                    borderColor={p.id === partId ? "jade" : "line"}
                    bg={p.id === partId ? "jadeTint" : "transparent"}
                    roundedEnd="lg"
                    _hover={{ bg: p.id === partId ? "jadeTint" : "sunk" }}
                  >
                    <span>{p.name}</span>
                    <Box as="span" fontSize="sm" color="quiet" whiteSpace="nowrap" textAlign="end">
                      {p.endG !== null && p.open.length > 0 && (
                        <Box as="span" display="block" fontSize="xs" lineHeight="1.1">
                          at least
                        </Box>
                      )}
                      {p.endG === null ? "?" : writeMass(p.endG, textContext.units)}
                    </Box>
                  </chakra.button>
                </li>
              ))}
            </Stack>
          )}
        </Box>
      ))}
      {!frozen && (
        <Quiet w="100%" minH="10" fontSize="sm" aria-expanded={adding} onClick={() => setAdding(!adding)}>
          <Plus size={15} /> New part
        </Quiet>
      )}
      {!frozen && adding && (
        <Box mt="3" mb="3">
          <AddPart
            foods={foods}
            kitchen={kitchen}
            actions={actions}
            heads={plan.eaters}
            onDone={() => setAdding(false)}
          />
        </Box>
      )}
      {!frozen && (
        <Quiet mt="2" w="100%" minH="10" fontSize="sm" onClick={actions.keep}>
          Keep this on the shelf
        </Quiet>
      )}
      <Box mt="2">
        <Choice
          hideLabel
          label="Save the dish as"
          value=""
          options={[
            { value: "", label: "Save the dish as …" },
            { value: "markdown", label: "a recipe to read (Markdown)" },
            { value: "json-ld", label: "a recipe for programs (JSON-LD)" },
            { value: "file", label: "a dish for another Jade Pan" },
          ]}
          onChoose={(as) => as !== "" && actions.saveAs(as as "file" | "json-ld" | "markdown")}
        />
      </Box>
    </>
  );
});

interface AtTableProps extends Pick<BenchProps, "eaters" | "frozen"> {
  readonly invited: readonly string[];
  readonly guests: number;
  readonly onInvite: (eaters: readonly string[], guests: number) => void;
}
const AtTable = memo(function AtTable({ invited, guests, eaters, frozen, onInvite }: AtTableProps) {
  return (
    <>
      <Heading as="h2" fontSize="md" mb="2">
        At the table
      </Heading>
      <Flex gap="1.5" wrap="wrap" mb="2">
        {eaters.map((e) => {
          const on = invited.includes(e.id);
          return (
            <Pill
              key={e.id}
              on={on}
              disabled={frozen}
              onClick={() => onInvite(on ? invited.filter((x) => x !== e.id) : [...invited, e.id], guests)}
            >
              {on ? "✓ " : ""}
              {e.name}
            </Pill>
          );
        })}
      </Flex>
      <NumberField
        label="Guests"
        value={guests}
        low={0}
        high={200}
        digits={0}
        disabled={frozen}
        onCommit={(n) => n !== null && onInvite(invited, Math.round(n))}
      />
    </>
  );
});

function EachEats({ plan: { eaters, perEater }, textContext }: Pick<BenchProps, "plan" | "textContext">) {
  return (
    <Box mt="3" fontSize="sm">
      <Text fontWeight="600">Each of {eaters} eats</Text>
      <Text color="quiet">
        {perEater.massG !== null && perEater.massAtLeast ? "at least " : ""}
        {perEater.massG === null ? "mass not known yet" : writeMass(perEater.massG, textContext.units)} ·{" "}
        {perEater.saltG !== null && perEater.saltAtLeast ? "at least " : ""}
        {perEater.saltG === null ? "salt not known yet" : `${writeMass(perEater.saltG)} salt`} ·{" "}
        {perEater.proteinAtLeast ? "at least " : ""}
        {writeMass(perEater.proteinG)} protein
      </Text>
    </Box>
  );
}
