import { expect, it } from "vitest";

const TEXTS = import.meta.glob<string>(["./**/*.{ts,tsx}", "!./**/*.test.{ts,tsx}", "!./**/*.d.ts"], {
  query: "?raw",
  import: "default",
  eager: true,
});
const IMPORT = /(?:from|import)\s*\(?\s*"(\.{1,2}\/[^"]+)"/g;

/** The file that an import means, by its name under here; nothing for a style or what lies outside. */
const file = (from: string, to: string) => {
  const path = new URL(to, `http://x/${from}`).pathname;
  return ["", ".ts", ".tsx", "/index.ts"].map((end) => `.${path}${end}`).find((name) => name in TEXTS);
};

/** The first way round found, file by file; nothing where no file leads back to itself. */
function circle(leadsTo: Map<string, string[]>): string[] {
  const over = new Set<string>();
  const walk = (at: string, way: string[]): string[] => {
    if (way.includes(at)) {
      return [...way.slice(way.indexOf(at)), at];
    }
    if (over.has(at)) {
      return [];
    }
    for (const next of leadsTo.get(at) ?? []) {
      const found = walk(next, [...way, at]);
      if (found.length > 0) {
        return found;
      }
    }
    over.add(at);
    return [];
  };
  for (const start of leadsTo.keys()) {
    const found = walk(start, []);
    if (found.length > 0) {
      return found;
    }
  }
  return [];
}

it("finds a circle where there is one", () => {
  const round = new Map([
    ["a", ["b", "c"]],
    ["b", ["c"]],
    ["c", ["d"]],
    ["d", ["b"]],
  ]);
  expect(circle(round)).toEqual(["b", "c", "d", "b"]);
  expect(
    circle(
      new Map([
        ["a", ["b", "c"]],
        ["b", ["c"]],
      ]),
    ),
  ).toEqual([]);
});

it("no file leads back to itself over what it imports", () => {
  const texts = Object.entries(TEXTS);
  expect(texts.length).toBeGreaterThan(200);
  const leadsTo = new Map(
    texts.map(([path, text]) => [
      path,
      [...text.matchAll(IMPORT)].flatMap((m) => file(path, m[1] ?? "") ?? []),
    ]),
  );
  expect(leadsTo.get("./job/JobPage.tsx")).toContain("./job/station.ts");
  expect(circle(leadsTo)).toEqual([]);
});
