import { Box } from "@chakra-ui/react";

/** Small vessels, one a part, filled by its mass: the dish at a glance. Says nothing that the words beside it don't. */
export function DishMark({ parts }: { parts: readonly number[] }) {
  const most = Math.max(1, ...parts);
  return (
    <Box w="3.4rem" flexShrink={0} aria-hidden>
      <svg viewBox="0 0 54 36" width="54" height="36">
        {parts.slice(0, 4).map((mass, i) => {
          const height = 8 + (22 * mass) / most;
          const x = 1 + i * 13.5;
          return (
            <g key={i}>
              <rect
                x={x}
                y={34 - height * 0.45}
                width="11"
                height={height * 0.45}
                rx="2"
                fill="var(--jp-colors-solids)"
              />
              <rect x={x} y={34 - height * 0.9} width="11" height={height * 0.47} fill="var(--jp-colors-water)" />
              <path
                d={`M${x} ${34 - height - 3}V32q0 2 2 2h7q2 0 2-2V${34 - height - 3}`}
                fill="none"
                stroke="var(--jp-colors-ink)"
                strokeWidth="1.6"
              />
            </g>
          );
        })}
      </svg>
    </Box>
  );
}
