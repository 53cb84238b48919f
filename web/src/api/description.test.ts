import { Validator } from "@seriousme/openapi-schema-validator";
import { describe, expect, it } from "vitest";
import text from "../../openapi.json?raw";

interface Operation {
  operationId?: string;
  requestBody?: { content?: object };
  responses: Record<string, object>;
}

const description = JSON.parse(text) as {
  openapi: string;
  info: { license?: { name: string } };
  paths: Record<string, Record<string, Operation>>;
};

const operations = Object.entries(description.paths).flatMap(([path, methods]) =>
  Object.entries(methods).map(([method, operation]) => ({ at: `${method} ${path}`, operation })),
);

/** The published schema of OpenAPI 3.1, by a validator of others; a test of the server keeps the file up to date. */
describe("the description of the API", () => {
  it("is valid OpenAPI 3.1", async () => {
    const told = await new Validator().validate(description);
    expect(told.errors ?? []).toEqual([]);
    expect(told.valid).toBe(true);
    expect(description.openapi).toMatch(/^3\.1/);
  });

  it("names each operation once", () => {
    const names = operations.map(({ operation }) => operation.operationId);
    expect(names.filter((name, i) => !name || names.indexOf(name) !== i)).toEqual([]);
  });

  it("says what a refusal looks like wherever something is sent", () => {
    const silent = operations.filter(
      ({ operation }) => operation.requestBody !== undefined && !("422" in operation.responses),
    );
    expect(silent.map(({ at }) => at)).toEqual([]);
  });
});
