import { createContext, type ReactNode, useContext, useMemo, useState } from "react";

/** How this device shows and takes lengths; kept on the device. */
export interface Preferences {
  system: "metric" | "inch";
  decimal: "." | ",";
}

const STORE = "yunque.preferences";
const DEFAULT: Preferences = { system: "metric", decimal: "." };

interface Held {
  preferences: Preferences;
  change: (part: Partial<Preferences>) => void;
}

const Context = createContext<Held>({ preferences: DEFAULT, change: () => undefined });

export function PreferencesProvider({ children }: { children: ReactNode }) {
  const [preferences, setPreferences] = useState<Preferences>(() => ({
    ...DEFAULT,
    ...(JSON.parse(localStorage.getItem(STORE) ?? "{}") as Partial<Preferences>),
  }));
  const held = useMemo(
    () => ({
      preferences,
      change: (part: Partial<Preferences>) => {
        const next = { ...preferences, ...part };
        localStorage.setItem(STORE, JSON.stringify(next));
        setPreferences(next);
      },
    }),
    [preferences],
  );
  return <Context.Provider value={held}>{children}</Context.Provider>;
}

export const usePreferences = () => useContext(Context);
