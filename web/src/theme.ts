import { createTheme, type MantineColorsTuple } from "@mantine/core";

/** Marking blue, the blue of layout dye: everything that can be acted on. */
const marking: MantineColorsTuple = [
  "#e8eff7",
  "#cbdaea",
  "#9db8d6",
  "#6b93c0",
  "#4373ab",
  "#2c5e99",
  "#1d4f88",
  "#173f6b",
  "#123257",
  "#0c2440",
];

export const theme = createTheme({
  primaryColor: "marking",
  primaryShade: { light: 7, dark: 2 },
  colors: { marking },
  fontFamily: '"Atkinson Hyperlegible", sans-serif',
  headings: { fontFamily: '"Barlow Condensed", sans-serif', fontWeight: "600" },
  defaultRadius: 0,
  cursorType: "pointer",
  respectReducedMotion: true,
  autoContrast: true,
  luminanceThreshold: 0.35,
  components: {
    Button: { defaultProps: { size: "md" } },
    TextInput: { defaultProps: { size: "md" } },
    Textarea: { defaultProps: { size: "md" } },
    NativeSelect: { defaultProps: { size: "md" } },
    Checkbox: { defaultProps: { size: "md" } },
    // Nothing fades: what is open is open, what is shut is gone, for gloves and for readers alike.
    Menu: { defaultProps: { transitionProps: { duration: 0 } } },
    Modal: { defaultProps: { transitionProps: { duration: 0 } } },
  },
});
