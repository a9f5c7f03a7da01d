import type { ThemeConfig } from "antd";
import { useSyncExternalStore } from "react";
import { dark, light, type Palette, sizes } from "./tokens";

const prefersDark = window.matchMedia("(prefers-color-scheme: dark)");

/** Puts the palette where the style sheets read it, as custom properties of the page. */
function paint(palette: Palette): void {
  for (const [name, colour] of Object.entries(palette)) {
    document.documentElement.style.setProperty(`--${name}`, colour);
  }
  document.documentElement.style.colorScheme = palette === dark ? "dark" : "light";
}

function palette(): Palette {
  return prefersDark.matches ? dark : light;
}

paint(palette());

function onChange(changed: () => void): () => void {
  const listener = () => {
    paint(palette());
    changed();
  };
  prefersDark.addEventListener("change", listener);
  return () => prefersDark.removeEventListener("change", listener);
}

/** Ant Design, in the colours of the system's light or dark mode. */
export function useTheme(): ThemeConfig {
  return themed(useSyncExternalStore(onChange, palette));
}

function themed(colours: Palette): ThemeConfig {
  return {
    cssVar: {},
    hashed: false,
    token: {
      colorPrimary: colours.tide,
      colorInfo: colours.tide,
      colorLink: colours.tide,
      colorLinkHover: colours.ink,
      colorLinkActive: colours.ink,
      colorSuccess: colours.tide,
      colorWarning: colours.brass,
      colorError: colours.brick,
      colorText: colours.ink,
      colorTextSecondary: colours.soft,
      colorTextTertiary: colours.soft,
      colorTextQuaternary: colours.soft,
      colorTextPlaceholder: colours.soft,
      colorTextDescription: colours.soft,
      colorTextDisabled: colours.soft,
      colorBgBase: colours.sheet,
      colorBgContainer: colours.sheet,
      colorBgElevated: colours.sheet,
      colorBgLayout: colours.paper,
      colorBgSpotlight: colours.ink,
      colorTextLightSolid: colours.onTide,
      colorBorder: colours.edge,
      colorBorderSecondary: colours.rule,
      colorSplit: colours.rule,
      borderRadius: sizes.corner,
      borderRadiusSM: sizes.corner,
      borderRadiusLG: sizes.corner,
      borderRadiusXS: sizes.corner,
      fontFamily: '"Commissioner Variable", sans-serif',
      fontSize: sizes.small,
      controlHeight: 30,
      controlHeightSM: 26,
      motion: false, // what is clicked while it still grows is missed
      boxShadow: "none",
      boxShadowSecondary: `0 2px 12px ${colours.ink}26`,
    },
    components: {
      Button: { primaryShadow: "none", defaultShadow: "none", fontWeight: 500 },
      Segmented: {
        itemSelectedBg: colours.ink,
        itemSelectedColor: colours.paper,
        itemColor: colours.ink,
        trackBg: colours.sheet,
        trackPadding: 0,
      },
      Tooltip: { colorTextLightSolid: colours.paper },
      Dropdown: {
        colorPrimary: colours.ink,
        controlItemBgActive: colours.sheet,
        controlItemBgActiveHover: colours.tideWash,
        controlItemBgHover: colours.tideWash,
      },
    },
  };
}
