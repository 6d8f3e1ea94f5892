/** Why the browser does not store: the name of the error, or of the one inside it. */
function nameOf(error: unknown): string {
  if (typeof error !== "object" || error === null) return "";
  const { name = "", inner } = error as { readonly name?: string; readonly inner?: unknown };
  const within = nameOf(inner);
  return within === "" ? name : within;
}

/** What is wrong with the store, and the way out, in one sentence each. */
export function describeTrouble(error: unknown): string {
  switch (nameOf(error)) {
    case "QuotaExceededError":
      return "This browser has no room left. Free some space on this device, then try again.";
    case "VersionError":
      return "A newer Jade Pan is open in another tab. Reload this page to go on there.";
    case "ClearedError":
      return "The data of this site were cleared in another tab or in the browser's settings. What was stored is gone; save a copy of what is still here, or reload to begin anew.";
    case "DatabaseClosedError":
    case "InvalidStateError":
      return "This browser has closed its store, as it does for a newer Jade Pan in another tab or in private windows. Reload this page.";
    case "MissingAPIError":
    case "SecurityError":
    case "OpenFailedError":
    case "UnknownError":
      return "This browser does not let Jade Pan store anything: in a private window, or where cookies and site data are blocked. Open it in an ordinary window, or allow site data for this address.";
    default:
      return "The browser refused to store it. Try again; if that does not help, save a copy to a file and reload.";
  }
}
/** "Not stored: Rename dish and 2 more." */
export const describeUnstored = (what: readonly string[]): string => {
  const [first = "", ...more] = what;
  return `Not stored yet: ${first}${more.length > 0 ? ` and ${more.length} more` : ""}. It stays on this page as long as the page is open.`;
};
/** "6 notes of this cooking are not stored yet." */
export const describeNotesHeld = (count: number): string =>
  count === 1
    ? "1 note of this cooking is not stored yet. Cook on: it is stored as soon as it can be. Closing or reloading the page now would lose it."
    : `${count} notes of this cooking are not stored yet. Cook on: they are stored as soon as they can be. Closing or reloading the page now would lose them.`;
