/** Stands in for style sheets in tests. */
export const nothing = {};
