import { DateInput } from "@mantine/dates";
import dayjs from "dayjs";
import type { ReactNode } from "react";

interface Props {
  label: ReactNode;
  description?: ReactNode;
  /** yyyy-mm-dd, or what was typed and is no day; empty where no day is said. */
  value: string;
  error?: ReactNode;
  onChange: (iso: string) => void;
}

/** The month is said in letters, so that nobody takes the day for the month. */
const SHOWN = "D MMM YYYY";
const ISO = "YYYY-MM-DD";

/** The calendar hangs outside the page and would fall back to the browser's letters. */
const FACE = { fontFamily: "var(--mantine-font-family)" };

/**
 * A day, typed or picked. The browser's own field would write it in the order of the browser, not of the shop. What is typed
 * and is no day goes on as it is, so that it is told here and refused where it is kept, and never taken for an empty field.
 */
export function DayInput({ label, description, value, error, onChange }: Props) {
  const isDay = value === "" || dayOf(value) === value;
  return (
    <DateInput
      label={label}
      description={description}
      value={value === "" || !isDay ? null : value}
      error={isDay ? error : `“${value}” is no day. Write it as ${dayjs().format(SHOWN)}.`}
      size="md"
      valueFormat={SHOWN}
      placeholder={`as ${dayjs().format(SHOWN)}`}
      dateParser={(typed) => {
        const iso = dayOf(typed);
        if (iso === null) {
          onChange(typed.trim());
        }
        return iso;
      }}
      // What is no day stays in sight to be put right.
      fixOnBlur={isDay}
      firstDayOfWeek={1}
      // Red says danger here, and a Sunday is none.
      weekendDays={[]}
      styles={{
        day: FACE,
        weekday: FACE,
        calendarHeaderLevel: FACE,
        monthsListControl: FACE,
        yearsListControl: FACE,
      }}
      clearable
      clearButtonProps={{ "aria-label": "No day" }}
      popoverProps={{ transitionProps: { duration: 0 } }}
      onChange={(iso) => onChange(iso ?? "")}
    />
  );
}

const MONTHS = ["jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec"];

/** A day as it is typed: 2026-11-30, 30 Nov 2026, 30.11.2026, 30/11/26; the day before the month, as it is shown. */
export function dayOf(typed: string): string | null {
  const text = typed.trim().toLowerCase();
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(text);
  if (iso) {
    return real(iso[1], iso[2], iso[3]);
  }
  const words = /^(\d{1,2})[\s.-]*([a-z]{3,9})[\s.,-]*(\d{4}|\d{2})$/.exec(text);
  if (words) {
    return real(words[3], MONTHS.indexOf((words[2] as string).slice(0, 3)) + 1, words[1]);
  }
  const numbers = /^(\d{1,2})[./\s-](\d{1,2})[./\s-](\d{4}|\d{2})$/.exec(text);
  return numbers ? real(numbers[3], numbers[2], numbers[1]) : null;
}

/** A day there is; 31 November is none. */
function real(year?: string, month?: string | number, day?: string): string | null {
  const of = `${String(year).length === 2 ? `20${year}` : year}-${String(month).padStart(2, "0")}-${String(day).padStart(2, "0")}`;
  const read = dayjs(of);
  return read.isValid() && read.format(ISO) === of ? of : null;
}
