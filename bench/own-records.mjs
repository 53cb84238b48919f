// The app on records of its own, and somebody at its bench: what the long runs and the figures of the read models share.
import { execFile, execFileSync } from "node:child_process";
import { randomUUID } from "node:crypto";
import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join, resolve } from "node:path";
import { promisify } from "node:util";

const project = resolve(import.meta.dirname, "..");
/** Where the app keeps what it has. */
export const home = mkdtempSync(join(tmpdir(), "yunque-bench-"));
const environment = { ...process.env, YUNQUE_HOME: home, YUNQUE_PORT: "8990" };
export const pause = (ms) => new Promise((done) => setTimeout(done, ms));
/** Does not wait in place: people go on writing while the app starts. */
export const yunque = (...words) => promisify(execFile)(join(project, "yunque"), words, { env: environment });
const address = () => `http://127.0.0.1:${readFileSync(join(home, "port"), "utf8")}`;

/** Somebody at the bench: keeps cookies, writes each entry under one identity until it is acknowledged. */
export class Bench {
  cookies = new Map();

  async send(method, path, body, headers = {}) {
    const answer = await fetch(address() + path, {
      method,
      headers: {
        "Content-Type": "application/json",
        Cookie: [...this.cookies].map(([name, value]) => `${name}=${value}`).join("; "),
        "X-XSRF-TOKEN": this.cookies.get("XSRF-TOKEN") ?? "",
        ...headers,
      },
      body: body === undefined || method === "GET" ? undefined : body,
      signal: AbortSignal.timeout(30_000),
    });
    for (const line of answer.headers.getSetCookie()) {
      const [name, value] = line.split(";")[0].split("=");
      this.cookies.set(name, value);
    }
    const text = await answer.text();
    return { status: answer.status, text, json: () => JSON.parse(text) };
  }

  async signIn(name, pin) {
    const people = (await this.send("GET", "/api/sign-in/people")).json();
    const personId = people.find((p) => p.name === name).id;
    const answer = await this.send("POST", "/api/sign-in", JSON.stringify({ personId, pin }));
    if (answer.status !== 200) {
      throw new Error(answer.text);
    }
  }

  /** True once it is acknowledged; tried again over every kill with the same identity. */
  async keep(path, body, isOver) {
    const writeId = randomUUID();
    for (;;) {
      try {
        const answer = await this.send("PUT", path, JSON.stringify(body), { "Write-Id": writeId });
        if (answer.status === 200) {
          return true;
        }
        if (answer.status < 500) {
          throw new Error(`${answer.status} ${answer.text}`);
        }
      } catch (fault) {
        if (String(fault.message).match(/^4\d\d /)) {
          throw fault;
        }
      }
      if (isOver()) {
        return false;
      }
      await pause(100);
    }
  }
}

/** Words of bash with the launcher's own functions at hand, in these records. */
export const launcher = (words) =>
  execFileSync("bash", [
    "-c",
    `for part in words machine postgres; do . "$1/launcher/$part.sh"; done; state=$2; pg_bin=$(postgres_bin); ${words}`,
    "bench",
    project,
    home,
  ], { encoding: "utf8" });

/** Starts the app with the demo records, works, stops it; forgets everything where all went well. Ends the program. */
export async function onItsOwnRecords(work) {
  let good = false;
  try {
    await yunque("start", "--detach", "--demo");
    good = await work();
  } finally {
    await yunque("stop");
    if (good) {
      // Root's PostgreSQL keeps its files where its own user reaches them.
      launcher('as_postgres rm -rf "$(cluster_place)"');
      rmSync(home, { recursive: true, force: true });
    } else {
      console.log(`What it left is in ${home}.`);
    }
  }
  process.exit(good ? 0 : 1);
}
