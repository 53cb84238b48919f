/**
 * The version a form was typed over, where nothing stood yet. A number, because a draft that is read again takes what it does not
 * hold from the record as it stands then: a missing version would turn into somebody else's.
 */
const NOTHING_STOOD = -1;

export const versionField = (version: number | undefined) => version ?? NOTHING_STOOD;

export const versionSent = (version: number) => (version === NOTHING_STOOD ? undefined : version);
