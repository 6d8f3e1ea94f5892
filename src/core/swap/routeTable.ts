import type { Route } from "./routes";
import rows from "./routes.json";

/**
 * Every route that Swap knows, in `routes.json`, one row a route. Its schema is `formats/tables`; a test reads each row with it.
 *
 * Bites are expert estimates of one author (models card 13, `checks/bite-routes.csv`), those "from the house" our own of low
 * confidence. Amounts and minutes are common practice; what they come to is worked out by `plan()`.
 */
// The reader of JSON sees lists where the types want pairs and words of a closed list: the schema looks closer.
export const ROUTES = rows as unknown as readonly Route[];
