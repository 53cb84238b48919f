import type {
  ArrivalRequest,
  EnteredNumber,
  PermissionRequest,
  PermissionView,
  ReceiveView,
  TurnCountRequest,
} from "../api/types";
import { versionField, versionSent } from "../shared/version";

type Versioned<T> = T & { version: number };

export type ArrivalFields = Versioned<Omit<ArrivalRequest, "version">>;
export type PermissionFields = Versioned<Omit<PermissionRequest, "version">>;
export type TurnCountFields = Versioned<Omit<TurnCountRequest, "version">>;

export const arrivalFields = (r: Pick<ReceiveView, keyof ArrivalRequest>): ArrivalFields => ({
  complaint: r.complaint,
  symptoms: r.symptoms,
  oilAsFound: r.oilAsFound,
  version: versionField(r.version),
});

export const permissionFields = (
  kept: Pick<PermissionView, keyof PermissionRequest> | undefined,
): PermissionFields => ({
  approvedBy: kept?.approvedBy ?? "",
  reference: kept?.reference ?? "",
  version: versionField(kept?.version),
});

const blank = (text: string, unit: string): EnteredNumber => ({ text, unit });

export const turnCountFields = (kept: TurnCountRequest | undefined): TurnCountFields => ({
  position: kept?.position,
  inputTurns: kept?.inputTurns ?? blank("", "turns"),
  outputTurns: kept?.outputTurns ?? blank("", "turns"),
  readingError: kept?.readingError ?? blank("5", "°"),
  version: versionField(kept?.version),
});

/** What was typed is what is sent, with the version it was typed over. */
export const receiveRequest = <F extends { version: number }>(fields: F, version = fields.version) => ({
  ...fields,
  version: versionSent(version),
});
