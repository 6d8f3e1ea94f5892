/** No supper is planned before this: a day that reads so is a year that is half typed, or a slip of it. */
export const EARLIEST_DAY = "2001-01-01";
export const TOO_EARLY = "The day is before 2001: look at its year.";
