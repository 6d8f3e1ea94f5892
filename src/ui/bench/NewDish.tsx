"use client";

import { Heading, Text } from "@chakra-ui/react";
import dynamic from "next/dynamic";
import { Card } from "../frame/controls";
import type { BenchProps } from "./benchProps";

/** A dish that has parts needs none of it. */
const AddPart = dynamic(() => import("./AddPart").then((m) => m.AddPart), { ssr: false });

export function NewDish({ plan, foods, kitchen, actions }: Pick<BenchProps, "plan" | "foods" | "kitchen" | "actions">) {
  return (
    <Card>
      <Heading as="h1" fontSize="2xl">
        What is it made of?
      </Heading>
      <Text color="quiet" mt="1" mb="4" maxW="60ch">
        A dish is made of parts that cook on their own until they meet. Begin with the one in which the meat was. Every
        amount and every step can be changed afterwards.
      </Text>
      <AddPart foods={foods} kitchen={kitchen} actions={actions} heads={plan.eaters} />
    </Card>
  );
}
