import { Button, NativeSelect, TextInput } from "@mantine/core";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { request } from "../api/http";
import { elsewhere, fieldErrors } from "../api/problem";
import type { EvidenceTable, EvidenceWeightRequest, EvidenceWeightView } from "../api/types";
import { Fault } from "../shared/Caution";
import { Conflict } from "../shared/Conflict";
import { day } from "../shared/format";
import { Panel } from "../shared/Panel";
import { usePreferences } from "../shared/preferences";
import { useDraft } from "../shared/useDraft";
import { useWrite } from "../shared/useWrite";
import { t } from "../wording/en";
import classes from "./Shop.module.css";

const KEY = ["evidence-corrections"];

/** Chance of what the table does not name. */
const UNNAMED = 0.03;

/** One place of the table: the weight of a cause, or how often a sign or a test goes with it. */
interface Place {
  of: string;
  says: string;
  shipped: number;
}

/** What causes are weighed by: as it ships, and what this shop knows better. */
export function EvidenceWeights() {
  const client = useQueryClient();
  const table = useQuery({
    queryKey: ["evidence-table"],
    queryFn: () => request("GET", "/api/calc/diagnosis/table"),
  });
  const corrections = useQuery({
    queryKey: KEY,
    queryFn: () => request("GET", "/api/evidence-corrections"),
  });
  const [cause, setCause] = useState("");
  const [open, setOpen] = useState<string>();
  const figure = useFigure();
  const chosen = table.data?.causes.find((c) => c.id === cause);
  const corrected = corrections.data?.filter((c) => c.stands) ?? [];
  const at = (of: string) => corrections.data?.find((c) => c.given.cause === cause && c.given.of === of);
  return (
    <Panel
      title="What goes with what"
      aside={corrected.length === 0 ? "as it ships" : `${corrected.length} corrected here`}
    >
      <p className={classes.soft}>
        Every figure is judgement; 0.9 is nine times in ten. What this shop has seen more often, or less, is
        corrected here with its reason; open jobs are weighed by it from then on.
      </p>
      <NativeSelect
        label="Cause"
        value={cause}
        data={[
          { value: "", label: "choose" },
          ...(table.data?.causes ?? []).map((c) => ({
            value: c.id,
            label: corrected.some((k) => k.given.cause === c.id) ? `${c.words} (corrected)` : c.words,
          })),
        ]}
        onChange={(e) => {
          setCause(e.currentTarget.value);
          setOpen(undefined);
        }}
      />
      {table.data && chosen && (
        <ul className={classes.cards}>
          {placesOf(table.data, chosen).map((place) => {
            const kept = at(place.of);
            return (
              <li key={place.of}>
                <button
                  type="button"
                  aria-expanded={open === place.of}
                  onClick={() => setOpen(open === place.of ? undefined : place.of)}
                >
                  <b>{place.says}</b>
                  <span>{figure(kept?.stands ? kept.given.value : place.shipped)}</span>
                  <span>
                    {kept?.stands
                      ? `${figure(place.shipped)} as it ships. ${kept.given.because} (${kept.by}, ${day(kept.at)})`
                      : ""}
                  </span>
                </button>
                {open === place.of && (
                  <Correct
                    place={place}
                    cause={cause}
                    kept={kept}
                    onDone={(all) => {
                      client.setQueryData(KEY, all);
                      setOpen(undefined);
                    }}
                  />
                )}
              </li>
            );
          })}
        </ul>
      )}
    </Panel>
  );
}

/** The weight first, then signs and tests, likeliest first. */
function placesOf(table: EvidenceTable, cause: EvidenceTable["causes"][number]): Place[] {
  const signs = table.signs.map((s) => ({
    of: s.id,
    says: s.words,
    shipped: cause.levels[s.id] ?? UNNAMED,
  }));
  const tests = table.tests.map((k) => ({
    of: k.id,
    says: k.words,
    shipped: k.levels[cause.id] ?? UNNAMED,
  }));
  return [
    { of: "", says: "weight before anything is known", shipped: cause.weight },
    ...[...signs, ...tests].sort((a, b) => b.shipped - a.shipped),
  ];
}

interface CorrectProps {
  place: Place;
  cause: string;
  kept: EvidenceWeightView | undefined;
  onDone: (all: EvidenceWeightView[]) => void;
}

const LABELS = { value: "Figure", because: "Why" };

function Correct({ place, cause, kept, onDone }: CorrectProps) {
  const figure = useFigure();
  const given = (from: EvidenceWeightRequest | undefined) => ({
    version: from?.version,
    value: figure(from?.value ?? place.shipped),
    because: from?.because ?? "",
  });
  const draft = useDraft(`evidence.${cause}.${place.of}`, given(kept?.stands ? kept.given : undefined));
  const { send, problem, clear } = useWrite<EvidenceWeightView[]>((all) => {
    draft.clear();
    onDone(all);
  });
  const standing = (problem?.current as EvidenceWeightView | undefined)?.given;
  const errors = fieldErrors(problem);
  const stray = problem?.status === 409 ? undefined : elsewhere(problem, Object.keys(LABELS));
  const { value, because } = draft.value;
  const number = Number(value.replace(",", "."));
  const fault = value.trim() === "" || Number.isNaN(number) ? `“${value}” is no number.` : undefined;
  // What was taken back still has its version.
  const keep = (version = draft.value.version ?? kept?.given.version) =>
    void send("PUT", "/api/evidence-corrections", {
      ...(version === undefined ? {} : { version }),
      cause,
      of: place.of,
      value: number,
      because,
    });
  const asShipped = () =>
    void send(
      "DELETE",
      `/api/evidence-corrections?cause=${cause}&of=${place.of}&version=${kept?.given.version}`,
    );
  return (
    <div className={classes.card}>
      {stray && <Fault>{stray}</Fault>}
      <Conflict
        problem={problem}
        mine={{ value: number, because }}
        theirs={() => standing && { ...standing }}
        labels={LABELS}
        onKeepMine={keep}
        onTakeTheirs={() => {
          draft.clear(given(standing));
          clear();
        }}
      />
      <div className={classes.fields}>
        <TextInput
          label={place.of === "" ? "Weight, 0.1 to 100" : "Chance with this cause, 0.01 to 0.99"}
          inputMode="decimal"
          value={value}
          error={fault ?? errors.value}
          onChange={(e) => draft.change({ value: e.currentTarget.value })}
        />
        <TextInput
          label="Why"
          value={because}
          error={errors.because}
          onChange={(e) => draft.change({ because: e.currentTarget.value })}
        />
      </div>
      <div className={classes.buttons}>
        <Button disabled={fault !== undefined} onClick={() => keep()}>
          {t.actions.keep}
        </Button>
        {kept?.stands && (
          <Button variant="default" onClick={asShipped}>
            As it ships
          </Button>
        )}
      </div>
    </div>
  );
}

/** A figure of the table as this device writes numbers. */
function useFigure() {
  const { preferences } = usePreferences();
  return (value: number) => String(value).replace(".", preferences.decimal);
}
