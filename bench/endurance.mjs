#!/usr/bin/env node
// bench/endurance.mjs kills [ROUNDS] | hostile [REQUESTS]: the long runs that are too long for the tests, on records of their own.
//
// kills: people write steps without a pause while the app, and every third time its PostgreSQL, is killed with -9 and started again.
// Whatever was acknowledged must be there, once. Default 20 rounds.
// hostile: requests to every address of the API description, with any method, any form and any nonsense, signed in and not. None may
// be answered with a fault of the app, and the app must be well after it. Default 5,000 requests.
// Both end with a status other than 0 when something is wrong. ENDURANCE_SEED repeats a run of hostile requests.
import { execFileSync } from "node:child_process";
import { randomUUID } from "node:crypto";
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { Bench, home, onItsOwnRecords, pause, yunque } from "./own-records.mjs";

const [mode = "kills", many] = process.argv.slice(2);

const pidOf = (place) => Number(readFileSync(place, "utf8").split("\n")[0]);

function killPostgres() {
  const port = readFileSync(join(home, "db.port"), "utf8");
  const lines = execFileSync("ps", ["-eo", "pid,args"], { encoding: "utf8" }).split("\n");
  const postmaster = lines.find((l) => l.includes("postgres -D") && l.includes(`-p ${port} `));
  process.kill(Number(postmaster.trim().split(/\s+/)[0]), "SIGKILL");
}

async function kills(rounds) {
  const lead = new Bench();
  await lead.signIn("Inés Roldán", "2580");
  const sample = (await lead.send("GET", "/api/jobs/4")).json();
  const given = sample.steps[0].given;
  const job = sample.job.number;
  const acknowledged = [];
  let over = false;
  const atTheBench = async (name, pin) => {
    const bench = new Bench();
    await bench.signIn(name, pin);
    return bench;
  };
  const write = async (bench) => {
    while (!over) {
      const id = randomUUID();
      const { version, ...first } = given;
      if (
        await bench.keep(`/api/jobs/${job}/steps/${id}`, { ...first, part: `part ${acknowledged.length}` }, () => over)
      ) {
        acknowledged.push(id);
      }
    }
  };
  // Everybody is at the bench before the first kill: a sign-in that it hits is no write, and nobody repeats it.
  const benches = await Promise.all([
    atTheBench("Tomás Vega", "1470"),
    atTheBench("Aitana Luna", "3690"),
    atTheBench("Inés Roldán", "2580"),
  ]);
  const writers = Promise.all(benches.map(write));
  for (let round = 1; round <= rounds; round++) {
    await pause(200 + Math.random() * 1500);
    if (round % 3 === 0) {
      killPostgres();
    }
    process.kill(pidOf(join(home, "server.pid")), "SIGKILL");
    await yunque("start", "--detach");
    process.stdout.write(`\r${round} kills, ${acknowledged.length} acknowledged`);
  }
  over = true;
  await writers;
  const kept = (await lead.send("GET", `/api/jobs/${job}`)).json().steps.map((s) => s.id);
  const count = new Map();
  for (const id of kept) {
    count.set(id, (count.get(id) ?? 0) + 1);
  }
  const lost = acknowledged.filter((id) => !count.has(id)).length;
  const doubled = [...count.values()].filter((n) => n > 1).length;
  console.log(`\n${rounds} kills, ${acknowledged.length} writes acknowledged: ${lost} lost, ${doubled} doubled`);
  return acknowledged.length > 0 && lost === 0 && doubled === 0;
}

/** Numbers that look random and are the same for one seed. */
function dice(seed) {
  let state = seed >>> 0;
  return (below) => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return Math.floor((state / 2 ** 32) * below);
  };
}

const NONSENSE = [
  null, true, -1, 0, 1e308, 30.7, "", " ", "x".repeat(4000), "\u0000", "\u000b", "‮", "😀", "'; drop table unit; --",
  "<script>", "../../etc/passwd", "NaN", "1e999", "2026-02-30", [], {}, [[[[]]]], [null], { a: { b: { c: {} } } },
];
const FORMS = ["application/json", "text/plain", "multipart/form-data; boundary=b", "application/xml", "application/octet-stream"];
const METHODS = ["GET", "POST", "PUT", "DELETE", "PATCH", "OPTIONS", "HEAD"];

async function hostile(requests) {
  const seed = Number(process.env.ENDURANCE_SEED ?? Date.now() % 2 ** 31);
  const roll = dice(seed);
  const one = (of) => of[roll(of.length)];
  const lead = new Bench();
  await lead.signIn("Inés Roldán", "2580");
  const stranger = new Bench();
  const described = (await lead.send("GET", "/api/openapi")).json();
  const paths = Object.keys(described.paths).filter((p) => !p.startsWith("/api/sign-in") && !p.includes("/pin"));
  const names = Object.values(described.components.schemas).flatMap((s) => Object.keys(s.properties ?? {}));
  const value = (deep) => {
    if (deep === 0 || roll(3) > 0) {
      return one(NONSENSE);
    }
    return Object.fromEntries(Array.from({ length: roll(8) }, () => [one(names), value(deep - 1)]));
  };
  const faults = new Map();
  for (let n = 0; n < requests; n++) {
    const path = one(paths).replace(/\{[^}]+\}/g, () => one(["1", "4", randomUUID(), "-1", "%00", "x", "9".repeat(30)]));
    const method = one(METHODS);
    const body = roll(10) === 0 ? "{".repeat(roll(5000)) : JSON.stringify(value(4));
    const who = roll(4) === 0 ? stranger : lead;
    const headers = { "Content-Type": one(FORMS), "Write-Id": roll(5) === 0 ? "x" : randomUUID() };
    try {
      const answer = await who.send(method, path, method === "HEAD" ? undefined : body, headers);
      if (answer.status >= 500) {
        const what = `${method} ${path}: ${answer.status}`;
        faults.set(what, (faults.get(what) ?? 0) + 1);
      }
    } catch (fault) {
      faults.set(`${method} ${path}: ${fault.message}`, 1);
    }
    if (n % 500 === 499) {
      process.stdout.write(`\r${n + 1} requests`);
    }
  }
  const well = (await stranger.send("GET", "/actuator/health/readiness")).status === 200;
  console.log(`\n${requests} hostile requests, seed ${seed}: ${faults.size} faults of the app; after it ${well ? "well" : "not well"}`);
  for (const [what, times] of faults) {
    console.log(`  ${what}${times > 1 ? ` (${times} times)` : ""}`);
  }
  return faults.size === 0 && well;
}

await onItsOwnRecords(() => (mode === "hostile" ? hostile(Number(many ?? 5000)) : kills(Number(many ?? 20))));
