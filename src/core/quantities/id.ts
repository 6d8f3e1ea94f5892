declare const named: unique symbol;

/**
 * The name of one kind of thing, as text. Any text may become one where it enters (a schema, a literal, a key of storage);
 * an id of one kind never stands where another's is asked for: that does not compile.
 */
export type Id<Kind extends string> = string & { readonly [named]?: Kind };
