import type { paths } from "./schema";

/**
 * What the server's description says of an address, found by the address as it is written: `/api/units/${id}/places` is
 * the described "/api/units/{unitId}/places". Addresses stay plain text, because what waits on this device is kept as
 * text and sent later.
 */

export type Method = "GET" | "POST" | "PUT" | "DELETE";

/** Between two slashes: in the place of a name in braces stands anything, else what is described. */
type Segment<S extends string, P extends string> = P extends `{${string}}`
  ? true
  : S extends P
    ? true
    : false;

type Fits<S extends string, P extends string> = S extends `${infer A}/${infer Rest}`
  ? P extends `${infer B}/${infer Described}`
    ? Segment<A, B> extends true
      ? Fits<Rest, Described>
      : false
    : false
  : P extends `${string}/${string}`
    ? false
    : Segment<S, P>;

type Bare<S extends string> = S extends `${infer Address}?${string}` ? Address : S;

/** The described address; never where there is none. */
type Described<S extends string> =
  Bare<S> extends keyof paths
    ? Bare<S>
    : { [P in keyof paths & string]: Fits<Bare<S>, P> extends true ? P : never }[keyof paths & string];

/** What is described of a method there; an address that fits two descriptions has it in one of them. */
type Operation<M extends Method, S extends string> =
  Described<S> extends infer P
    ? P extends keyof paths
      ? Extract<paths[P][Lowercase<M> & keyof paths[P]], object>
      : never
    : never;

/** What an address answers; unknown where the address is not known while it is written. */
export type Answer<M extends Method, S extends string> = string extends S
  ? unknown
  : Answered<Operation<M, S>>;

type Answered<O> = O extends { responses: { 200: { content: { "application/json": infer A } } } }
  ? A
  : undefined;

/** What it takes. */
export type Body<M extends Method, S extends string> = string extends S ? unknown : Taken<Operation<M, S>>;

type Taken<O> = O extends { requestBody?: never }
  ? undefined
  : O extends { requestBody: { content: { "application/json": infer B } } }
    ? B
    : O extends { requestBody?: { content: { "application/json": infer B } } }
      ? B | undefined
      : undefined;
