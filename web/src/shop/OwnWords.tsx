import { NativeSelect, TextInput } from "@mantine/core";
import { queryOptions, useQuery } from "@tanstack/react-query";
import { request } from "../api/http";
import type { OwnWordRequest, OwnWordView } from "../api/types";
import { kindsQuery } from "../strip/queries";
import classes from "./Shop.module.css";
import { ShopCards } from "./ShopCards";
import type { Card } from "./useCard";

const LABELS = { name: "What it is called here", kind: "Stands for", found: "Stands for" };

const ownWordsQuery = queryOptions({
  queryKey: ["own-words"],
  queryFn: () => request("GET", "/api/own-words"),
});

const findingsQuery = queryOptions({
  queryKey: ["findings"],
  queryFn: () => request("GET", "/api/own-words/findings"),
  staleTime: Number.POSITIVE_INFINITY,
});

/** What this shop calls things: read in a typed line beside the words of the trade. */
export const OwnWords = () => (
  <ShopCards<OwnWordRequest, OwnWordView>
    title="Words of this shop"
    aside="read in a typed line beside the words of the trade; learned where somebody corrects the kind of a part"
    add="Add a word"
    path="/api/own-words"
    query={ownWordsQuery}
    over={() => false}
    row={(word) => (
      <>
        <b>{word.given.name}</b>
        <span>{word.means}</span>
        <span>
          {word.learnedFrom === "" ? "said by a lead" : `learned from ${word.learnedFrom}`}
          {!word.counts && "; the trade calls it otherwise, so it counts when it is said once more"}
        </span>
      </>
    )}
    fresh={() => ({ name: "" })}
    fields={(card) => <Fields {...card} />}
    labels={LABELS}
  />
);

function Fields({ card, change, errors }: Card<OwnWordRequest>) {
  const kinds = useQuery(kindsQuery);
  const findings = useQuery(findingsQuery);
  const meaning = card.kind ? `kind ${card.kind}` : card.found ? `found ${card.found}` : "";
  return (
    <div className={classes.fields}>
      <TextInput
        label={LABELS.name}
        description="One thing, without sizes and sides: dogbone"
        value={card.name}
        error={errors.name}
        onChange={(e) => change({ name: e.currentTarget.value })}
      />
      <NativeSelect
        label={LABELS.kind}
        value={meaning}
        error={errors.kind}
        data={[
          { value: "", label: "choose" },
          {
            group: "a part",
            items: (kinds.data ?? []).map((k) => ({ value: `kind ${k.kind}`, label: k.words })),
          },
          {
            group: "something found on a part",
            items: (findings.data ?? []).map((f) => ({ value: `found ${f.found}`, label: f.words })),
          },
        ]}
        onChange={(e) => {
          const [what, which] = e.currentTarget.value.split(" ");
          change({
            kind: what === "kind" ? (which as OwnWordRequest["kind"]) : undefined,
            found: what === "found" ? (which as OwnWordRequest["found"]) : undefined,
          });
        }}
      />
    </div>
  );
}
