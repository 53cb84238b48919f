import { describe, expect, it } from "vitest";
import openapi from "../openapi.json?raw";
import type { DrawerView, StepRequest } from "./api/types";
import * as fitting from "./build/Fitting.model";
import { entriesFrom } from "./drawers/sheet.model";
import * as seen from "./inspect/parts.model";
import * as bill from "./parts/bill.model";
import { changed } from "./parts/order.model";
import * as fill from "./place/Fill.model";
import * as layout from "./plan/Layout.model";
import * as proof from "./prove/Proof.model";
import * as receive from "./receive/Receive.model";
import { cardRequest } from "./shop/card.model";
import { personFields, personRequest } from "./shop/person.model";
import * as step from "./strip/StepForm.model";
import * as unit from "./unit/UnitForm.model";

/**
 * Whatever stands in a record, shown on its form or not, comes out of a correction as it went in. The records are made from the
 * server's own description, each value of each choice in turn and each value left out: what is added there is asked for here.
 */

interface Schema {
  $ref?: string;
  type?: string;
  format?: string;
  enum?: string[];
  items?: Schema;
  properties?: Record<string, Schema>;
  required?: string[];
  additionalProperties?: Schema;
}

const description = JSON.parse(openapi);
const schemas: Record<string, Schema> = description.components.schemas;

const of = (schema: Schema): Schema =>
  schema.$ref === undefined ? schema : of(schemas[schema.$ref.replace(/.*\//, "")] ?? {});

/** The whole thing first, then the same with one value another or left out. */
function variants(given: Schema, name: string): unknown[] {
  const schema = of(given);
  if (schema.enum) {
    return schema.enum;
  }
  switch (schema.type) {
    case "boolean":
      return [true, false];
    case "integer":
      return [3];
    case "number":
      return [2.25];
    case "array":
      return lists(variants(schema.items ?? {}, name));
    case "object":
      return schema.additionalProperties ? maps(schema.additionalProperties, name) : objects(schema);
    default:
      return [schema.format === "date" ? "2026-05-01" : schema.format === "uuid" ? UUID : `12,5 ${name}`];
  }
}

const UUID = "6f1c2a44-1d8e-4f62-9a7b-0c3d5e7f9a1b";

/** Two in a list, so that the second is asked for too. */
const lists = (each: unknown[]): unknown[] => each.map((one) => [each[0], one]);

const maps = (value: Schema, name: string): unknown[] =>
  variants(value, name).map((one) => ({ first: variants(value, name)[0], notOnTheForm: one }));

function objects(schema: Schema): unknown[] {
  const whole: Record<string, unknown> = {};
  const others: unknown[] = [];
  for (const [name, property] of Object.entries(schema.properties ?? {})) {
    whole[name] = variants(property, name)[0];
  }
  for (const [name, property] of Object.entries(schema.properties ?? {})) {
    for (const other of variants(property, name).slice(1)) {
      others.push({ ...whole, [name]: other });
    }
    if (!schema.required?.includes(name)) {
      const { [name]: _left, ...without } = whole;
      others.push(without);
    }
  }
  return [whole, ...others];
}

// biome-ignore lint/suspicious/noExplicitAny: each record is made from the description of its own type
type Through = (record: any) => unknown;

const sent = (read: object) => ("request" in read ? read.request : read);
const drawer = { fields: [] } as unknown as DrawerView;

/** The records that a form shows again and sends back, each with its way through the form. */
const CORRECTED: Record<string, Through> = {
  StepRequest: (r) => sent(step.toRequest(step.fieldsOf(r, UUID))),
  ProofRequest: (r) => sent(proof.toRequest(proof.proofFields(r, "°C"))),
  ArrivalRequest: (r) => receive.receiveRequest(receive.arrivalFields(r)),
  PermissionRequest: (r) => receive.receiveRequest(receive.permissionFields(r)),
  TurnCountRequest: (r) => receive.receiveRequest(receive.turnCountFields(r)),
  FittingRequest: (r) => fitting.toRequest(fitting.fittingFields(r), r.done),
  FillRequest: (r) => {
    const fields = fill.fillFields(r, false);
    return fill.toRequest(fields, fields.lubricant ?? fill.ELSEWHERE, entriesFrom(drawer, fields.out));
  },
  PlaceRequest: (r) => ({ ...r, entries: entriesFrom(drawer, r.entries) }),
  SampleRequest: (r) => ({ ...r, entries: entriesFrom(drawer, r.entries) }),
  InstrumentRequest: (r) => cardRequest(r),
  LubricantRequest: (r) => cardRequest(r),
  ShimRequest: (r) => cardRequest(r),
  SpareRequest: (r) => cardRequest(r),
  OwnWordRequest: (r) => cardRequest(r),
  PersonRequest: (r) => personRequest(personFields(r), r.version),
  ShopSettings: (r) => cardRequest(r),
  UnitRequest: (r) => {
    const read = unit.toRequest(unit.fromRequest(r, "mm"));
    return "request" in read ? { ...read.request } : read.faults;
  },
  OrderRequest: (r) => changed(r, {}),
  BillRequest: (r) => {
    const read = bill.readBill(bill.billText(r.lines));
    const by = bill.readReplacements(bill.replacementText(r.replacements));
    return { ...r, ...("lines" in read ? read : {}), ...("replacements" in by ? by : {}) };
  },
  SeenRequest: (r) => seen.withNote(r, seen.noteOf(r)),
  LayoutRequest: (r) => {
    const more = layout.withOpening(r.layout, layout.emptyOpening());
    const added = more.openings.at(-1);
    const less = added ? layout.withoutOpening(more, added) : more;
    return { ...r, layout: layout.withAxes(less, r.layout.axes.join("\n")) };
  },
};

/** The records that are stated as a whole each time: nothing of an earlier one is shown to be corrected. */
const STATED = [
  "BuildOrderRequest",
  "DecisionRequest",
  "IsolationRequest",
  "KeptAnswerRequest",
  "MeasurementRequest",
  "PhotoRequest",
  "NewPinRequest",
  "CauseRequest",
  "EstimateRequest",
  "MoneyRequest",
  "PutAwayRequest",
  "JobEndRequest",
  "CircumstancesRequest",
  "LeftRequest",
  "LineRequest",
  "DoneRequest",
  "LaidOutRequest",
  "UnitChangeRequest",
  "StepAnswerRequest",
  "StatementRequest",
  "EvidenceWeightRequest",
];

/** What the server refuses anyhow is no record: a further set of screws without the first. */
const POSSIBLE: Record<string, (record: never) => boolean> = {
  StepRequest: (r: StepRequest) =>
    r.fastening !== undefined || (r.detail?.alsoHeldBy === undefined && r.detail?.screws === undefined),
};

describe("a correction keeps what it does not show", () => {
  it.each(Object.keys(CORRECTED))("%s", (name) => {
    const through = CORRECTED[name] as Through;
    const records = variants(schemas[name] ?? {}, name).filter((r) => POSSIBLE[name]?.(r as never) ?? true);
    expect(records.length).toBeGreaterThan(0);
    for (const record of records) {
      expect(through(structuredClone(record))).toEqual(record);
    }
  });

  it("knows every record that is written under an identity", () => {
    const written = new Set<string>();
    for (const operations of Object.values(description.paths) as Record<string, never>[]) {
      const body = (
        operations as { put?: { requestBody?: { content?: Record<string, { schema: Schema }> } } }
      ).put?.requestBody?.content?.["application/json"];
      if (body?.schema.$ref) {
        written.add(body.schema.$ref.replace(/.*\//, ""));
      }
    }
    expect([...written].sort()).toEqual([...Object.keys(CORRECTED), ...STATED].sort());
  });
});
