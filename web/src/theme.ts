import { theme as antd, type ThemeConfig } from 'antd';
import { useSyncExternalStore } from 'react';

const DARK = window.matchMedia('(prefers-color-scheme: dark)');

function onScheme(changed: () => void) {
  DARK.addEventListener('change', changed);
  return () => DARK.removeEventListener('change', changed);
}

const COMMON = {
  fontFamily: "'Commissioner Variable', 'Helvetica Neue', Arial, sans-serif",
  fontSize: 15,
  borderRadius: 3,
  controlHeight: 44,
  wireframe: true,
};

/** Ant Design in the colours of styles.css, light or dark as the system is. */
export function useTheme(): ThemeConfig {
  const dark = useSyncExternalStore(onScheme, () => DARK.matches);
  return {
    algorithm: dark ? antd.darkAlgorithm : antd.defaultAlgorithm,
    token: dark
      ? {
          ...COMMON,
          colorPrimary: '#d9a6c4',
          colorBgBase: '#1f1a17',
          colorTextBase: '#f1e8da',
          colorTextLightSolid: '#1f1a17',
          colorError: '#f0a08c',
        }
      : {
          ...COMMON,
          colorPrimary: '#6b2d52',
          colorBgBase: '#fffdf8',
          colorTextBase: '#2c2420',
          colorError: '#a3341f',
        },
    components: {
      Input: { activeShadow: 'none' },
      Segmented: {
        trackBg: dark ? '#2e2722' : '#efe6d6',
        itemColor: dark ? '#cdbfb0' : '#5b4d43',
        itemSelectedBg: dark ? '#4a3f37' : '#fffdf8',
      },
      Modal: { titleFontSize: 22 },
    },
  };
}
