import { describe, expectTypeOf, it } from "vitest";
import type { Answer, Body } from "./described";
import type { components } from "./schema";

type Schemas = components["schemas"];

/** Checked by the compiler, with every other type: a wrong one does not build. */
describe("what is described of an address as it is written", () => {
  it("is found past what is named in braces", () => {
    expectTypeOf<Answer<"GET", `/api/units/${string}/places`>>().toEqualTypeOf<Schemas["PlacesOfUnit"]>();
    expectTypeOf<Answer<"GET", `/api/jobs/${number}`>>().toEqualTypeOf<Schemas["JobView"]>();
    expectTypeOf<Answer<"GET", "/api/checks">>().toEqualTypeOf<Schemas["Check"][]>();
  });

  it("leaves a question mark and what follows it out", () => {
    expectTypeOf<Answer<"PUT", `/api/units/${string}/places/${string}?job=${string}`>>().toEqualTypeOf<
      Schemas["PlacesOfUnit"]
    >();
  });

  it("tells a word of its own from a name in braces by the method", () => {
    // Beside /decisions/{stepId} stands /decisions/accept.
    expectTypeOf<Body<"POST", `/api/jobs/${number}/decisions/accept`>>().toEqualTypeOf<
      Schemas["AcceptRequest"]
    >();
  });

  it("says what is sent, that nothing is, and nothing of what is not described", () => {
    expectTypeOf<Body<"PUT", `/api/jobs/${number}/isolation`>>().toEqualTypeOf<Schemas["IsolationRequest"]>();
    expectTypeOf<Body<"GET", "/api/checks">>().toEqualTypeOf<undefined>();
    expectTypeOf<Answer<"GET", "/api/nowhere">>().toBeNever();
    expectTypeOf<Answer<"GET", string>>().toBeUnknown();
  });
});
