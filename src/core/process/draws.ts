import { type Draw, likelyDraw } from "../quantities/draw";
import type { Estimate } from "../quantities/range";
import type { StepContext } from "./ledger";
import type { StepKey } from "./log";
import { type ParameterId, PARAMETERS } from "./parameters";

/** How a step asks for its parameters: by name, with the spread of the table unless the case has its own. */
export function drawsOf(draw: Draw, scope: () => StepKey): Pick<StepContext, "draw" | "drawLot" | "drawOf"> {
  const spreadOf = (id: ParameterId) => PARAMETERS[id].spread as Estimate;
  if (draw === likelyDraw)
    return {
      draw: (id, spread) => (spread ?? spreadOf(id)).likely,
      drawLot: (id) => spreadOf(id).likely,
      drawOf: (id, _food, spread) => (spread ?? spreadOf(id)).likely,
    };
  return {
    draw: (id, spread) => draw(id, spread ?? spreadOf(id), scope()),
    drawLot: (id) => draw(id, spreadOf(id)),
    drawOf: (id, food, spread) => draw(id, spread ?? spreadOf(id), food),
  };
}
