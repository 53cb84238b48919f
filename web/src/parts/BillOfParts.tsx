import { Button, Textarea, TextInput } from "@mantine/core";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { fieldErrors } from "../api/problem";
import type { BillRequest } from "../api/types";
import { Fault } from "../shared/Caution";
import { Panel } from "../shared/Panel";
import { useWrite } from "../shared/useWrite";
import { billText, readBill, readReplacements, replacementText } from "./bill.model";
import classes from "./Parts.module.css";
import { billQuery } from "./queries";

/** The bill of parts of a unit: what belongs in it by its diagram, and which numbers are sold in the place of others. */
export function BillOfParts({ unitId }: { unitId: string }) {
  const bill = useQuery(billQuery(unitId));
  const [open, setOpen] = useState(false);
  if (!bill.data?.lines) {
    return null;
  }
  const { lines, serial } = bill.data;
  return (
    <Panel title="Bill of parts" aside={serial ? `serial number ${serial}` : undefined}>
      {open ? (
        <BillForm unitId={unitId} bill={bill.data} onDone={() => setOpen(false)} />
      ) : (
        <>
          {lines.length === 0 ? (
            <p>
              None yet. With it a part to buy has its number at once, and a part that is missing or does not
              belong there is seen.
            </p>
          ) : (
            <ul className={classes.bill}>
              {lines.map((line) => (
                <li key={`${line.position} ${line.part.number}`}>
                  <span>{line.position}</span>
                  <span>
                    {line.part.quantity} × {line.name}
                  </span>
                  <b>{line.part.number}</b>
                  <small>
                    {line.machines.from || line.machines.to
                      ? `${line.machines.from || "…"} to ${line.machines.to || "…"}`
                      : ""}
                  </small>
                </li>
              ))}
            </ul>
          )}
          <Button variant="default" onClick={() => setOpen(true)}>
            {lines.length === 0 ? "Enter the bill" : "Correct the bill"}
          </Button>
        </>
      )}
    </Panel>
  );
}

function BillForm({ unitId, bill, onDone }: { unitId: string; bill: BillRequest; onDone: () => void }) {
  const client = useQueryClient();
  const [serial, setSerial] = useState(bill.serial ?? "");
  const [lines, setLines] = useState(billText(bill.lines));
  const [replaced, setReplaced] = useState(replacementText(bill.replacements));
  const [fault, setFault] = useState<string>();
  const { send, problem, busy } = useWrite<BillRequest>((kept) => {
    client.setQueryData(billQuery(unitId).queryKey, kept);
    onDone();
  });
  const errors = fieldErrors(problem);
  const keep = () => {
    const read = readBill(lines);
    const by = readReplacements(replaced);
    if ("fault" in read || "fault" in by) {
      setFault("fault" in read ? read.fault : "fault" in by ? by.fault : undefined);
      return;
    }
    setFault(undefined);
    void send("PUT", `/api/units/${unitId}/bill`, {
      version: bill.version,
      serial,
      lines: read.lines,
      replacements: by.replacements,
    });
  };
  return (
    <div className={classes.form}>
      <TextInput
        label="Serial number of the machine"
        placeholder="AB-00987"
        value={serial}
        error={errors.serial}
        onChange={(e) => setSerial(e.currentTarget.value)}
      />
      <Textarea
        label="Lines"
        description="One a line, or pasted from a table: place; number; pieces; name; from serial; to serial"
        placeholder="7; SW-1040; 4; pawl"
        autosize
        minRows={5}
        value={lines}
        onChange={(e) => setLines(e.currentTarget.value)}
      />
      <Textarea
        label="Numbers that take the place of others"
        description="One a line: old -> 1 new + 2 another; from serial; to serial"
        placeholder="SW-0917 -> 1 SW-1070 + 2 SW-1071"
        autosize
        minRows={2}
        value={replaced}
        onChange={(e) => setReplaced(e.currentTarget.value)}
      />
      {fault && <Fault>{fault}</Fault>}
      {problem && !errors.serial && <Fault>{problem.fields?.[0]?.sentence ?? problem.detail}</Fault>}
      <div className={classes.buttons}>
        <Button onClick={keep} loading={busy}>
          Keep the bill
        </Button>
        <Button variant="default" onClick={onDone}>
          Leave it
        </Button>
      </div>
    </div>
  );
}
