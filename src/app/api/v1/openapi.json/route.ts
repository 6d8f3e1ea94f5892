import { openApi } from "@/core/formats/openapi";

export const dynamic = "force-static";
export const GET = (): Response => Response.json(openApi());
