/**
 * Remembers what was worked out before. The key has to hold every input of it, so that the answer is the same whether it
 * was remembered or not. Nothing in the core keeps a memory between calls: whoever asks more than once makes one and
 * passes it in.
 */
export type Memory = <T>(key: string, workOut: () => T) => T;

/** @param most how many answers it holds; the next one empties it */
export function newMemory(most = 2000): Memory {
  const known = new Map<string, unknown>();
  return <T>(key: string, workOut: () => T): T => {
    if (known.has(key)) return known.get(key) as T;
    if (known.size >= most) known.clear();
    const value = workOut();
    known.set(key, value);
    return value;
  };
}
