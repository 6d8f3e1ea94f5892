export const db = 1;
