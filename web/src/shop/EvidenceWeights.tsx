import { Button, NativeSelect, TextInput } from "@mantine/core";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { request } from "../api/http";
import { elsewhere, fieldErrors } from "../api/problem";
import type { EvidenceTable, EvidenceWeightView } from "../api/types";
import { Fault } from "../shared/Caution";
import { day } from "../shared/format";
import { Panel } from "../shared/Panel";
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
    queryFn: () => request<EvidenceTable>("GET", "/api/calc/diagnosis/table"),
  });
  const corrections = useQuery({
    queryKey: KEY,
    queryFn: () => request<EvidenceWeightView[]>("GET", "/api/evidence-corrections"),
  });
  const [cause, setCause] = useState("");
  const [open, setOpen] = useState<string>();
  const { send, problem, clear } = useWrite<EvidenceWeightView[]>((all) => {
    client.setQueryData(KEY, all);
    setOpen(undefined);
  });
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
          clear();
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
                  onClick={() => {
                    setOpen(open === place.of ? undefined : place.of);
                    clear();
                  }}
                >
                  <b>{place.says}</b>
                  <span>{kept?.stands ? kept.given.value : place.shipped}</span>
                  <span>
                    {kept?.stands
                      ? `${place.shipped} as it ships. ${kept.given.because} (${kept.by}, ${day(kept.at)})`
                      : ""}
                  </span>
                </button>
                {open === place.of && (
                  <Correct
                    place={place}
                    kept={kept}
                    errors={fieldErrors(problem)}
                    stray={elsewhere(problem, ["value", "because"])}
                    onKeep={(value, because) =>
                      void send("PUT", "/api/evidence-corrections", {
                        ...(kept ? { version: kept.given.version } : {}),
                        cause,
                        of: place.of,
                        value,
                        because,
                      })
                    }
                    onAsShipped={() =>
                      void send(
                        "DELETE",
                        `/api/evidence-corrections?cause=${cause}&of=${place.of}&version=${kept?.given.version}`,
                      )
                    }
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
  kept: EvidenceWeightView | undefined;
  errors: Record<string, string | undefined>;
  stray: string | undefined;
  onKeep: (value: number, because: string) => void;
  onAsShipped: () => void;
}

function Correct({ place, kept, errors, stray, onKeep, onAsShipped }: CorrectProps) {
  const [value, setValue] = useState(String(kept?.stands ? kept.given.value : place.shipped));
  const [because, setBecause] = useState(kept?.stands ? kept.given.because : "");
  const number = Number(value.replace(",", "."));
  const fault = value.trim() === "" || Number.isNaN(number) ? `“${value}” is no number.` : undefined;
  return (
    <div className={classes.card}>
      {stray && <Fault>{stray}</Fault>}
      <div className={classes.fields}>
        <TextInput
          label={place.of === "" ? "Weight, 0.1 to 100" : "Chance with this cause, 0.01 to 0.99"}
          inputMode="decimal"
          value={value}
          error={fault ?? errors.value}
          onChange={(e) => setValue(e.currentTarget.value)}
        />
        <TextInput
          label="Why"
          value={because}
          error={errors.because}
          onChange={(e) => setBecause(e.currentTarget.value)}
        />
      </div>
      <div className={classes.buttons}>
        <Button disabled={fault !== undefined} onClick={() => onKeep(number, because)}>
          {t.actions.keep}
        </Button>
        {kept?.stands && (
          <Button variant="default" onClick={onAsShipped}>
            As it ships
          </Button>
        )}
      </div>
    </div>
  );
}
