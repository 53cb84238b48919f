// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, it } from "vitest";
import { serverThatAnswers, show } from "../test-data/bench";
import { OwnWords } from "./OwnWords";

const kinds = [
  { kind: "LEVER", words: "lever, fork or yoke", singleUse: false, hint: "(?!)" },
  { kind: "PIN", words: "pin", singleUse: false, hint: "(?!)" },
];
const learned = {
  id: "d",
  given: { version: 0, name: "dogbone", kind: "LEVER" },
  means: "lever, fork or yoke",
  learnedFrom: "“left dogbone”, job 12",
  counts: true,
};
const once = {
  ...learned,
  id: "o",
  given: { version: 0, name: "shoe", kind: "PIN" },
  means: "pin",
  counts: false,
};

it("says what each word stands for, where it was learned, and when it does not count yet", async () => {
  serverThatAnswers({ "/api/kinds": kinds, "/api/own-words": [learned, once] });
  show(<OwnWords />);
  const row = await screen.findByRole("button", { name: /^dogbone/ });
  expect(row).toHaveTextContent("lever, fork or yoke");
  expect(row).toHaveTextContent("learned from “left dogbone”, job 12");
  expect(row).not.toHaveTextContent("once more");
  expect(screen.getByRole("button", { name: /^shoe/ })).toHaveTextContent("counts when it is said once more");
});

it("keeps a word for something found, and not for the part that was chosen before", async () => {
  const sent = serverThatAnswers({
    "/api/kinds": kinds,
    "/api/own-words/findings": [{ found: "TEETH_MISSING", words: "teeth missing" }],
    "/api/own-words": [],
    "PUT anywhere": [],
  });
  show(<OwnWords />);
  await userEvent.click(await screen.findByRole("button", { name: "Add a word" }));
  await userEvent.type(screen.getByLabelText("What it is called here"), "gap-toothed");
  const means = screen.getByLabelText("Stands for");
  await within(means).findByRole("option", { name: "lever, fork or yoke" });
  await userEvent.selectOptions(means, "pin");
  await userEvent.selectOptions(means, await within(means).findByRole("option", { name: "teeth missing" }));
  await userEvent.click(screen.getByRole("button", { name: "Keep" }));
  expect(sent.at(-1)).toMatchObject({ method: "PUT", body: { name: "gap-toothed", found: "TEETH_MISSING" } });
  expect(sent.at(-1)?.body).not.toHaveProperty("kind");
});
