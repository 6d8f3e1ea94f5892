import { type ConversionConfig, toJsonSchema, toJsonSchemaDefs } from "@valibot/to-json-schema";
import type { GenericSchema } from "valibot";
import { LIMITS } from "./basics";
import { NAMED } from "./published";
import { ConvertRequestSchema, PlanRequestSchema, ScheduleRequestSchema, SwapRequestSchema } from "./requests";

const PROBLEM = {
  type: "object",
  required: ["type", "title", "status", "detail"],
  properties: {
    type: { type: "string" },
    title: { type: "string" },
    status: { type: "integer" },
    detail: { type: "string" },
    field: { type: "string", description: "Path into the request body" },
  },
};

const CONVERSION: ConversionConfig = {
  errorMode: "ignore",
  typeMode: "input",
  overrideRef: ({ referenceId }) => `#/components/schemas/${referenceId}`,
};
/** A body's schema; what it shares with others stands among the components. */
function bodyOf(schema: GenericSchema) {
  const body = toJsonSchema(schema, { ...CONVERSION, definitions: NAMED });
  delete body.$defs;
  return body;
}

function operation(summary: string, schema: GenericSchema) {
  const problem = (description: string) => ({
    description,
    content: { "application/problem+json": { schema: PROBLEM } },
  });
  return {
    post: {
      summary,
      requestBody: {
        required: true,
        content: { "application/json": { schema: bodyOf(schema) } },
      },
      responses: {
        "200": { description: "The answer", content: { "application/json": { schema: { type: "object" } } } },
        "400": problem("Not JSON"),
        "403": problem("A page of another address"),
        "405": problem("Another method; Allow names the one"),
        "415": problem("Not said to be application/json"),
        "413": problem(`More than ${LIMITS.bytes} bytes`),
        "422": problem("A field is wrong; it is named"),
      },
    },
  };
}

/** OpenAPI 3.1 description of the JSON API, made from the same schemas that guard it. */
export const openApi = () => ({
  openapi: "3.1.0",
  info: {
    title: "Jade Pan",
    version: "1",
    description: "The core of Jade Pan as stateless JSON. Masses in g, temperatures in °C, times in minutes.",
  },
  components: { schemas: toJsonSchemaDefs(NAMED, CONVERSION) },
  paths: {
    "/api/v1/plan": operation("Ledgers, tasks, cautions and verdicts of a supper", PlanRequestSchema),
    "/api/v1/swap": operation("Routes that take the place of a meat, ranked by their bite", SwapRequestSchema),
    "/api/v1/convert": operation(
      "A recipe read, its animal products replaced, its meats by routes: a dish without animals",
      ConvertRequestSchema,
    ),
    "/api/v1/schedule": operation("Start times for tasks, worked back from serving", ScheduleRequestSchema),
  },
});
