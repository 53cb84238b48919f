import type { PersonRequest } from "../api/types";

/** A person while a lead describes one; an empty PIN stays what it was. */
export interface PersonFields {
  name: string;
  role: PersonRequest["role"];
  pin: string;
}

export const personFields = (
  person: Pick<PersonRequest, "name" | "role" | "pin"> | undefined,
): PersonFields => ({
  name: person?.name ?? "",
  role: person?.role ?? "MECHANIC",
  pin: person?.pin ?? "",
});

export const personRequest = (
  { pin, ...same }: PersonFields,
  version: number | undefined,
): PersonRequest => ({
  ...same,
  version,
  pin: pin === "" ? undefined : pin,
});
