import { theme as antd, type ThemeConfig } from 'antd';

/** The plumage: every colour the interface uses has a name here and in tokens.css, and nowhere a second value. */
export const PLUMAGE = {
  light: {
    ink: '#1f2528',
    slateDeep: '#2f4049',
    slate: '#4d626e',
    slateSoft: '#8fa0a9',
    mist: '#e9eeee',
    panel: '#f8faf9',
    line: '#cdd6d7',
    chestnut: '#9a4a26',
    link: '#9a4a26',
    cannot: '#7d1f2d',
  },
  dark: {
    ink: '#e6ecec',
    slateDeep: '#182227',
    slate: '#a9b9c0',
    slateSoft: '#6d818b',
    mist: '#1b2327',
    panel: '#242e33',
    line: '#3a474d',
    chestnut: '#c9713f',
    link: '#e29a68',
    cannot: '#ef9aa5',
  },
} as const;

const FONT = "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif";

/** Ant Design gives the behaviour of controls; how they look is ours. */
export function themeFor(look: keyof typeof PLUMAGE, touched: boolean): ThemeConfig {
  const c = PLUMAGE[look];
  return {
    algorithm: look === 'dark' ? antd.darkAlgorithm : antd.defaultAlgorithm,
    cssVar: { key: 'kr' },
    hashed: false,
    token: {
      colorPrimary: c.chestnut,
      colorLink: c.link,
      colorLinkHover: c.link,
      colorInfo: c.slate,
      colorError: c.cannot,
      colorBgLayout: c.mist,
      colorBgContainer: c.panel,
      colorBgElevated: c.panel,
      colorTextBase: c.ink,
      colorBorder: look === 'dark' ? '#5a6c75' : c.slateSoft,
      borderRadius: 3,
      borderRadiusLG: 4,
      fontFamily: FONT,
      fontSize: 16,
      controlHeight: 44,
      // What is tapped is as large as a wet finger needs.
      controlHeightSM: touched ? 44 : 36,
      colorTextPlaceholder: c.slate,
      motion: false,
      boxShadow: 'none',
      boxShadowSecondary: `0 0 0 1px ${c.slateSoft}`,
    },
    components: {
      Button: {
        primaryShadow: 'none',
        defaultShadow: 'none',
        dangerShadow: 'none',
        fontWeight: 650,
        // The library's lighter shade under a pointer is too pale to be read.
        defaultHoverColor: c.link,
        defaultActiveColor: c.link,
      },
      Modal: { titleFontSize: 22 },
      Segmented: {
        trackBg: 'transparent',
        itemSelectedBg: look === 'dark' ? c.slate : '#2f4049',
        itemSelectedColor: look === 'dark' ? '#14191b' : '#f8faf9',
        itemColor: c.slate,
      },
    },
  };
}
