import {
  Anchor,
  Button,
  Checkbox,
  type CSSVariablesResolver,
  createTheme,
  Input,
  Modal,
  NativeSelect,
  Notification,
  NumberInput,
  Progress,
  Radio,
  Slider,
  Table,
  Tabs,
  Text,
  Textarea,
  TextInput,
  Title,
  Toggle,
  Tooltip,
  UnstyledButton,
} from "@mantine/core";
import { figure } from "../words/say";
import controls from "./controls.module.css";

const field = { size: "xs" } as const;
const input = { root: controls.field, label: controls.label };

/** How the library's controls look here: square, grey, without shadow, words underlined that do something. */
export const theme = createTheme({
  primaryColor: "dark",
  primaryShade: 8,
  defaultRadius: 0,
  fontFamily: "var(--face)",
  fontSizes: { xs: "12.5px", sm: "13px", md: "14px", lg: "16px", xl: "19px" },
  lineHeights: { xs: "1.35", sm: "1.42", md: "1.42", lg: "1.42", xl: "1.2" },
  spacing: { xs: "4px", sm: "8px", md: "14px", lg: "20px", xl: "40px" },
  headings: {
    fontFamily: "var(--display)",
    sizes: {
      h1: { fontSize: "28px", lineHeight: "1.1" },
      h2: { fontSize: "24px", lineHeight: "1.1" },
      h3: { fontSize: "18px", lineHeight: "1.15" },
      h4: { fontSize: "15px", lineHeight: "1.2" },
    },
  },
  components: {
    Anchor: Anchor.extend({
      defaultProps: { underline: "always", inherit: true },
      classNames: { root: controls.act },
    }),
    Button: Button.extend({
      defaultProps: { variant: "outline", size: "md" },
      classNames: { root: controls.button },
    }),
    Checkbox: Checkbox.extend({
      defaultProps: { radius: 0, iconColor: "var(--ground)" },
      classNames: { label: controls.label },
    }),
    Input: Input.extend({ classNames: { input: controls.input } }),
    Modal: Modal.extend({
      defaultProps: { shadow: "none", size: 620 },
      classNames: { title: controls.dialog },
    }),
    NativeSelect: NativeSelect.extend({ defaultProps: field, classNames: input }),
    Notification: Notification.extend({
      classNames: { root: controls.notification, description: controls.description },
    }),
    NumberInput: NumberInput.extend({
      defaultProps: {
        ...field,
        hideControls: true,
        // 0.5 or 0,5 as the language writes it; both are taken.
        decimalSeparator: figure(0.5, 1).charAt(1),
        allowedDecimalSeparators: [".", ","],
      },
      classNames: input,
    }),
    Progress: Progress.extend({ classNames: { root: controls.progress } }),
    Radio: Radio.extend({
      defaultProps: { iconColor: "var(--ground)" },
      classNames: { label: controls.label },
    }),
    Slider: Slider.extend({
      defaultProps: { size: "sm", radius: 0, label: null },
      classNames: { thumb: controls.thumb },
    }),
    Table: Table.extend({ defaultProps: { horizontalSpacing: 4, verticalSpacing: 2 } }),
    Tabs: Tabs.extend({ classNames: { list: controls.tabs, tab: controls.tab } }),
    Text: Text.extend({ defaultProps: { inherit: true } }),
    Textarea: Textarea.extend({
      defaultProps: { ...field, variant: "stacked" },
      classNames: input,
    }),
    TextInput: TextInput.extend({ defaultProps: field, classNames: input }),
    Title: Title.extend({ classNames: { root: controls.title } }),
    Toggle: Toggle.extend({
      defaultProps: { autoWidth: true },
      classNames: { root: controls.toggle },
    }),
    Tooltip: Tooltip.extend({
      defaultProps: { color: "var(--ink)" },
      classNames: { tooltip: controls.tooltip },
    }),
    UnstyledButton: UnstyledButton.extend({ classNames: { root: controls.plain } }),
  },
});

/** The library's own greys are a little blue: the surround's stand in for them, and so reach every control. */
export const greys: CSSVariablesResolver = () => ({
  variables: {},
  dark: {},
  light: {
    ...Object.fromEntries(GREYS.map((grey, k) => [`--mantine-color-gray-${k}`, `var(--${grey})`])),
    "--mantine-color-white": "var(--lit)",
    "--mantine-color-black": "var(--ink)",
    "--mantine-color-text": "var(--ink)",
    "--mantine-color-body": "var(--ground)",
    "--mantine-color-bright": "var(--ink)",
    "--mantine-color-dimmed": "var(--quiet)",
    "--mantine-color-placeholder": "var(--quiet)",
    "--mantine-color-error": "var(--ink)",
    "--mantine-color-anchor": "inherit",
    "--mantine-color-default-border": "var(--line)",
    "--mantine-primary-color-filled": "var(--ink)",
    "--mantine-primary-color-contrast": "var(--ground)",
    "--mantine-color-dark-outline": "var(--ink)",
    "--mantine-color-dark-filled": "var(--ink)",
    "--mantine-color-disabled": "transparent",
    "--mantine-color-disabled-color": "var(--quiet)",
  },
});

/** From the lightest of the library's greys to the darkest. */
const GREYS = ["ground", "ground", "hair", "hair", "line", "quiet", "quiet", "ink", "ink", "ink"];
