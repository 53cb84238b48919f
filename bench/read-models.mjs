#!/usr/bin/env node
// bench/read-models.mjs [ROUNDS]: what the lists and a whole job take over plain SQL, on records of their own. Default 60 rounds.
//
// Each address is asked as a browser asks it. The statements that PostgreSQL then saw are sent again by psql, as plain SQL with the same
// values, in the same run; the figures are the middle time of the one over that of the other, and over that of the other and of a request
// that asks PostgreSQL nothing. Aim for a list: at most 2. A whole job is not only read but judged: told.
import { writeFileSync } from "node:fs";
import { join } from "node:path";
import { Bench, home, launcher, onItsOwnRecords } from "./own-records.mjs";

const rounds = Number(process.argv[2] ?? 60);
const WARM = 300;

const sql = (words) => launcher(`sql -d yunque -At -c '${words.replaceAll("'", "'\\''")}'`).trim();
const log = () => launcher('as_postgres cat "$(cluster_place)/log"');
const middle = (times) => times.sort((a, b) => a - b)[Math.floor(times.length / 2)];

/** 40 open jobs on the Floor, and 100 more signed ones of the unit of job 3. */
function fill() {
  const copy = (table, from, what) =>
    `insert into ${table} select (jsonb_populate_record(o, ${what})).* from ${table} o, generate_series(1, N) i where ${from}`;
  const open = Number(sql("select count(*) from job where signed_at is null and put_away_at is null"));
  const unit = "md5('unit' || i)::uuid";
  const job = "md5('job' || i)::uuid";
  sql(copy("unit", "tag = (select tag from unit u join job j on j.unit_id = u.id where j.number = 4)", `jsonb_build_object('id', ${unit}, 'tag', 'T-' || i)`).replace("N", String(40 - open)));
  sql(copy("job", "number = 4", `jsonb_build_object('id', ${job}, 'number', 10000 + i, 'unit_id', ${unit})`).replace("N", String(40 - open)));
  sql(copy("job", "number = 3", "jsonb_build_object('id', md5('signed' || i)::uuid, 'number', 20000 + i)").replace("N", "100"));
  sql("insert into job_seal (job_id, view, page, pdf, backlash_mm) select md5('signed' || i)::uuid, view, page, pdf, backlash_mm from job_seal s join job j on j.id = s.job_id, generate_series(1, 100) i where j.number = 3");
}

/** The statements of one request, their values written in. */
function statements(said) {
  const found = [];
  for (const entry of said.split(/^\d{4}-\d\d-\d\d [\d:.]+ \S+ \[\d+\] /m)) {
    const statement = entry.match(/^LOG:  (?:duration: [\d.]+ ms  )?(?:execute [^:]+|statement): ([\s\S]*)$/);
    const values = entry.match(/^DETAIL:  parameters: ([\s\S]*)$/);
    if (statement) {
      found.push(statement[1].trim());
    } else if (values && found.length > 0) {
      const given = Object.fromEntries([...values[1].matchAll(/\$(\d+) = (NULL|'(?:[^']|'')*')/g)].map((m) => [m[1], m[2]]));
      found.push(found.pop().replace(/\$(\d+)/g, (_, n) => given[n]));
    }
  }
  return found.filter((s) => /^(select|with)/i.test(s));
}

async function asBrowser(bench, path) {
  const times = [];
  let answer;
  for (let n = 0; n < WARM + rounds; n++) {
    const before = performance.now();
    answer = await bench.send("GET", path);
    if (n >= WARM) {
      times.push(performance.now() - before);
    }
  }
  return { answer, app: middle(times) };
}

async function figure(bench, path) {
  const { app: nothing } = await asBrowser(bench, "/actuator/health/readiness");
  const { app, answer } = await asBrowser(bench, path);
  sql("alter system set log_statement = 'all'");
  sql("select pg_reload_conf()");
  await new Promise((done) => setTimeout(done, 500));
  const before = log().length;
  await bench.send("GET", path);
  const asked = statements(log().slice(before)).filter((s) => !/pg_reload_conf|alter system/.test(s));
  sql("alter system reset log_statement");
  sql("select pg_reload_conf()");
  await new Promise((done) => setTimeout(done, 500));
  const script = join(home, "plain.sql");
  writeFileSync(script, `\\timing on\n${`${asked.map((s) => `${s};`).join("\n")}\n\\echo over\n`.repeat(rounds + 5)}`);
  const told = launcher(`sql -d yunque -f "${script}" -o "${join(home, "rows")}"`);
  const plain = told
    .split("over\n")
    .slice(5, -1)
    .map((round) => [...round.matchAll(/^Time: ([\d.]+) ms/gm)].reduce((sum, m) => sum + Number(m[1]), 0));
  const bare = middle(plain);
  console.log(
    `${path.replace(/[0-9a-f-]{36}/, "{unit}")}: ${asked.length} statements, ${(answer.text.length / 1024).toFixed(0)} kB; ${(app / bare).toFixed(1)} × plain SQL, ${(app / (bare + nothing)).toFixed(1)} × plain SQL and a request for nothing`,
  );
  return answer.status === 200 && asked.length > 0;
}

await onItsOwnRecords(async () => {
  fill();
  const bench = new Bench();
  await bench.signIn("Inés Roldán", "2580");
  const unit = (await bench.send("GET", "/api/jobs/3")).json().unit.id;
  let good = true;
  for (const path of ["/api/jobs/open", `/api/jobs/of-unit/${unit}`, "/api/jobs/4", "/api/jobs/4/pulse"]) {
    good = (await figure(bench, path)) && good;
  }
  return good;
});
