import "@fontsource/barlow-condensed/latin-500.css";
import "@fontsource/barlow-condensed/latin-600.css";
import "@fontsource/atkinson-hyperlegible/latin-400.css";
import "@fontsource/atkinson-hyperlegible/latin-700.css";
import "@mantine/core/styles/default-css-variables.css";
import "@mantine/core/styles/global.css";
import "@mantine/core/styles/UnstyledButton.css";
import "@mantine/core/styles/Button.css";
import "@mantine/core/styles/ActionIcon.css";
import "@mantine/core/styles/CloseButton.css";
import "@mantine/core/styles/Input.css";
import "@mantine/core/styles/InlineInput.css";
import "@mantine/core/styles/PasswordInput.css";
import "@mantine/core/styles/Checkbox.css";
import "@mantine/core/styles/Loader.css";
import "@mantine/core/styles/Overlay.css";
import "@mantine/core/styles/Popover.css";
import "@mantine/core/styles/Menu.css";
import "@mantine/core/styles/ModalBase.css";
import "@mantine/core/styles/Modal.css";
import "@mantine/core/styles/Paper.css";
import "@mantine/core/styles/ScrollArea.css";
import "@mantine/core/styles/Slider.css";
import "@mantine/dates/styles.css";
import "./theme.css";
import { MantineProvider } from "@mantine/core";
import { QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { App } from "./App";
import { keepTheApp } from "./api/kept";
import { jobKeys, queryClient } from "./job/bench";
import { onPhotoKept, wakePhotos } from "./photo";
import { PreferencesProvider } from "./shared/preferences";
import { startTab } from "./shared/tab";
import { theme } from "./theme";

onPhotoKept((photo, view) => queryClient.setQueryData(jobKeys.one(String(photo.job)), view));
void wakePhotos();
void keepTheApp(() => void queryClient.invalidateQueries());
// A part of the page that a newer version took away: the newer page has its own.
window.addEventListener("vite:preloadError", () => window.location.reload());

const root = document.getElementById("root");
// A tab knows its name before its forms look for what was typed in it.
await startTab();
if (root) {
  createRoot(root).render(
    <StrictMode>
      <MantineProvider theme={theme} defaultColorScheme="light">
        <QueryClientProvider client={queryClient}>
          <PreferencesProvider>
            <App />
          </PreferencesProvider>
        </QueryClientProvider>
      </MantineProvider>
    </StrictMode>,
  );
}
