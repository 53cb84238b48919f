import { Button, TextInput } from "@mantine/core";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useRef, useState } from "react";
import { problemOf, request, writeHeaders } from "../api/http";
import type { DocumentView, JobView } from "../api/types";
import { Fault } from "../shared/Caution";
import { day } from "../shared/format";
import { Panel } from "../shared/Panel";
import classes from "./Documents.module.css";
import { documentsKey, documentsQuery } from "./queries";

/** Papers of the maker beside the log or the card: folded away until they are wanted. */
export function BesideDocuments({ view }: { view: JobView }) {
  const documents = useQuery(documentsQuery(view.unit.id)).data ?? [];
  return (
    <details className={classes.beside}>
      <summary>
        Papers of the maker{documents.length > 0 ? `: ${documents.length}` : ": none kept with this unit"}
      </summary>
      <Documents unitId={view.unit.id} documents={documents} />
    </details>
  );
}

/** Papers of the maker on the page of the unit. */
export function DocumentsPanel({ unitId }: { unitId: string }) {
  const documents = useQuery(documentsQuery(unitId)).data ?? [];
  return (
    <Panel title="Papers of the maker" aside={`${documents.length}`}>
      <Documents unitId={unitId} documents={documents} />
    </Panel>
  );
}

function Documents({ unitId, documents }: { unitId: string; documents: DocumentView[] }) {
  const [chosen, setChosen] = useState<string>();
  const open = documents.find((d) => d.id === chosen);
  return (
    <div className={classes.root}>
      {documents.length === 0 && (
        <p>
          Hand in the maker’s procedure, a drawing or a picture of the plate: PDF or picture, up to 25 MB.
        </p>
      )}
      <ul className={classes.list}>
        {documents.map((d) => (
          <li key={d.id}>
            <button
              type="button"
              aria-pressed={d.id === chosen}
              onClick={() => setChosen(d.id === chosen ? undefined : d.id)}
            >
              <b>{d.title}</b>
              <small>
                {d.pages} {d.pages === 1 ? "page" : "pages"}, {d.by}, {day(d.at)}
              </small>
            </button>
          </li>
        ))}
      </ul>
      {open && <Pages key={open.id} unitId={unitId} document={open} onGone={() => setChosen(undefined)} />}
      <HandIn unitId={unitId} />
    </div>
  );
}

function Pages({ unitId, document, onGone }: { unitId: string; document: DocumentView; onGone: () => void }) {
  const [page, setPage] = useState(1);
  const [wide, setWide] = useState(false);
  const [fault, setFault] = useState<string>();
  const client = useQueryClient();
  const at = `/api/units/${unitId}/documents/${document.id}`;
  const remove = async () => {
    try {
      client.setQueryData(
        documentsKey(unitId),
        await request("DELETE", `${at}?version=${document.version}`, undefined, crypto.randomUUID()),
      );
      onGone();
    } catch {
      setFault("It could not be taken away. Look again: somebody may have done it.");
    }
  };
  return (
    <section aria-label={document.title} className={classes.pages}>
      <nav aria-label="Pages">
        <Button variant="default" disabled={page === 1} onClick={() => setPage(page - 1)}>
          ← Page before
        </Button>
        <span>
          {page} of {document.pages}
        </span>
        <Button variant="default" disabled={page === document.pages} onClick={() => setPage(page + 1)}>
          Next page →
        </Button>
        <Button variant="default" aria-pressed={wide} onClick={() => setWide(!wide)}>
          {wide ? "Whole page" : "Larger"}
        </Button>
        <a href={at} target="_blank" rel="noreferrer">
          As it was handed in
        </a>
        <button type="button" className={classes.remove} onClick={() => void remove()}>
          Take it away
        </button>
      </nav>
      {fault && <Fault>{fault}</Fault>}
      <div className={classes.sheet}>
        <img
          src={`${at}/pages/${page}`}
          alt={`${document.title}, page ${page}`}
          data-wide={wide || undefined}
        />
      </div>
    </section>
  );
}

function HandIn({ unitId }: { unitId: string }) {
  const [title, setTitle] = useState("");
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  const file = useRef<HTMLInputElement>(null);
  const client = useQueryClient();
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    const chosen = file.current?.files?.[0];
    if (!chosen || title.trim() === "") {
      setFault(
        chosen ? "Say what it is: the maker’s procedure, a drawing, a plate." : "Choose the file first.",
      );
      return;
    }
    setFault(undefined);
    setBusy(true);
    try {
      const response = await fetch(
        `/api/units/${unitId}/documents/${crypto.randomUUID()}?title=${encodeURIComponent(title.trim())}`,
        {
          method: "PUT",
          headers: { ...writeHeaders(crypto.randomUUID()), "Content-Type": "application/octet-stream" },
          credentials: "same-origin",
          body: chosen,
        },
      );
      if (response.ok) {
        client.setQueryData(documentsKey(unitId), await response.json());
        setTitle("");
        if (file.current) {
          file.current.value = "";
        }
      } else {
        setFault((await problemOf(response)).detail);
      }
    } catch {
      setFault("The server cannot be reached. Choose the file again when the line is back.");
    }
    setBusy(false);
  };
  return (
    <form className={classes.handIn} onSubmit={submit} aria-label="Hand in a paper">
      <TextInput
        label="What paper it is"
        placeholder="maker’s procedure, chapter 4"
        value={title}
        onChange={(e) => setTitle(e.currentTarget.value)}
      />
      <label className={classes.file}>
        PDF or picture
        <input ref={file} type="file" accept=".pdf,image/*" />
      </label>
      <Button type="submit" variant="default" loading={busy}>
        Hand it in
      </Button>
      {fault && <Fault>{fault}</Fault>}
    </form>
  );
}
