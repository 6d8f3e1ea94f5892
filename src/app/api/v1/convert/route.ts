import { respond } from "../respond";

export const POST = (request: Request): Promise<Response> => respond(request, "convert");

export { onlyPost as GET, onlyPost as PUT, onlyPost as PATCH, onlyPost as DELETE } from "../respond";
