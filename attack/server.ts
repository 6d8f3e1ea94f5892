import { type ChildProcess, spawn } from "node:child_process";
import { readFileSync } from "node:fs";

export const PORT = 3300;
export const BASE = `http://127.0.0.1:${PORT}`;

/** The built application, as `npm run demo` starts it. */
export async function startServer(): Promise<ChildProcess> {
  const server = spawn("node", ["node_modules/next/dist/bin/next", "start", "-H", "127.0.0.1", "-p", String(PORT)], {
    stdio: "ignore",
  });
  for (let i = 0; i < 200; i++) {
    if (
      await fetch(BASE).then(
        (r) => r.ok,
        () => false,
      )
    )
      return server;
    await new Promise((done) => setTimeout(done, 200));
  }
  throw new Error("The application did not start. Build it first: npm run build");
}
/** Most memory that the server ever held, MB. */
export const peakMb = (server: ChildProcess): number =>
  Math.round(Number(/VmHWM:\s+(\d+) kB/.exec(readFileSync(`/proc/${server.pid}/status`, "utf8"))?.[1] ?? 0) / 1024);
