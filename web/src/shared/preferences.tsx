import { createContext, type ReactNode, useCallback, useContext, useMemo, useState } from "react";

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
  /** What the shop begins with; what was chosen on this device stays. */
  suggest: (part: Preferences) => void;
}

const Context = createContext<Held>({
  preferences: DEFAULT,
  change: () => undefined,
  suggest: () => undefined,
});

const chosen = () => JSON.parse(localStorage.getItem(STORE) ?? "{}") as Partial<Preferences>;

export function PreferencesProvider({ children }: { children: ReactNode }) {
  const [preferences, setPreferences] = useState<Preferences>(() => ({
    ...DEFAULT,
    ...chosen(),
  }));
  const suggest = useCallback((part: Preferences) => setPreferences({ ...part, ...chosen() }), []);
  const held = useMemo(
    () => ({
      preferences,
      change: (part: Partial<Preferences>) => {
        const next = { ...preferences, ...part };
        localStorage.setItem(STORE, JSON.stringify({ ...chosen(), ...part }));
        setPreferences(next);
      },
      suggest,
    }),
    [preferences, suggest],
  );
  return <Context.Provider value={held}>{children}</Context.Provider>;
}

export const usePreferences = () => useContext(Context);
