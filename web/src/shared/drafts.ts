import { isOpenElsewhere, tabName } from "./tab";

/**
 * What is typed and not kept yet, on this device: each tab has its own, so that two tabs on one form do not write over each other. What a
 * closed tab left is taken up by the next that opens the form.
 */
const DRAFT = "yunque.draft.";

const own = (key: string): string => `${DRAFT}${key}@${tabName()}`;

const tabOf = (stored: string): string => stored.slice(stored.lastIndexOf("@") + 1);

function isLeft(stored: string, key: string): boolean {
  // Without a tab: of the time before tabs were told apart.
  return stored === DRAFT + key || (stored.startsWith(`${DRAFT}${key}@`) && !isOpenElsewhere(tabOf(stored)));
}

/** What was typed here; else what a closed tab left, which is this one's from now on. */
export function readDraft(key: string): string | null {
  const here = localStorage.getItem(own(key));
  if (here !== null) {
    return here;
  }
  const left = Object.keys(localStorage).find((stored) => isLeft(stored, key));
  if (left === undefined) {
    return null;
  }
  const text = localStorage.getItem(left);
  localStorage.removeItem(left);
  if (text !== null) {
    localStorage.setItem(own(key), text);
  }
  return text;
}

export const writeDraft = (key: string, text: string): void => localStorage.setItem(own(key), text);

/** Once the server has it, or nobody wants it any more. */
export const forgetDraft = (key: string): void => localStorage.removeItem(own(key));
