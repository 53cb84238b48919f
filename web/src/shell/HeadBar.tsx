import { ActionIcon, Menu, useMantineColorScheme } from "@mantine/core";
import { IconKeyboard, IconLogout, IconMoon, IconSun, IconUser } from "@tabler/icons-react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { type ReactNode, useEffect, useState } from "react";
import { forgetAnswers } from "../api/kept";
import { meQuery, sessionKeys, signOut } from "../people/session";
import { usePreferences } from "../shared/preferences";
import { t } from "../wording/en";
import { Keys } from "./Keys";
import { SaveState } from "./SaveState";
import classes from "./Shell.module.css";

/** The dark bar at the head: where we are, whether all is kept, units, light, who is signed in. */
export function HeadBar({ children }: { children: ReactNode }) {
  const me = useQuery(meQuery);
  const client = useQueryClient();
  const { preferences, change } = usePreferences();
  const { colorScheme, setColorScheme } = useMantineColorScheme();
  const [keys, setKeys] = useState(false);
  const dim = colorScheme === "dark";

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing =
        event.target instanceof HTMLElement && /INPUT|TEXTAREA|SELECT/.test(event.target.tagName);
      if (event.key === "?" && !typing) {
        setKeys(true);
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);

  return (
    <header className={classes.head}>
      <div className={classes.where}>{children}</div>
      <SaveState />
      <button
        type="button"
        className={classes.headButton}
        onClick={() => change({ system: preferences.system === "metric" ? "inch" : "metric" })}
        aria-label={`Lengths first in ${preferences.system === "metric" ? "millimetres" : "inches"}; change`}
      >
        {preferences.system === "metric" ? "mm · in" : "in · mm"}
      </button>
      <ActionIcon
        variant="transparent"
        className={classes.headButton}
        size={44}
        aria-label={dim ? "Day light" : "Dim for the night shift"}
        onClick={() => setColorScheme(dim ? "light" : "dark")}
      >
        {dim ? <IconSun size={22} /> : <IconMoon size={22} />}
      </ActionIcon>
      <Menu shadow="sm" position="bottom-end">
        <Menu.Target>
          <button type="button" className={classes.headButton}>
            <IconUser size={20} aria-hidden />
            <span className={classes.person}>{me.data?.name}</span>
          </button>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Item leftSection={<IconKeyboard size={20} />} onClick={() => setKeys(true)}>
            Keys
          </Menu.Item>
          <Menu.Item
            leftSection={<IconLogout size={20} />}
            onClick={async () => {
              await signOut();
              await forgetAnswers();
              client.setQueryData(sessionKeys.me, null);
            }}
          >
            {t.actions.signOut}
          </Menu.Item>
        </Menu.Dropdown>
      </Menu>
      <Keys opened={keys} onClose={() => setKeys(false)} />
    </header>
  );
}
