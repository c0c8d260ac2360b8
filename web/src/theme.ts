import { theme as antd, type ThemeConfig } from 'antd';
import { useSyncExternalStore } from 'react';

const DARK = '(prefers-color-scheme: dark)';
const STILL = '(prefers-reduced-motion: reduce)';

/** Whether a media query holds, now and whenever that changes. */
function useMedia(query: string): boolean {
  return useSyncExternalStore(
    (changed) => {
      const media = window.matchMedia(query);
      media.addEventListener('change', changed);
      return () => media.removeEventListener('change', changed);
    },
    () => window.matchMedia(query).matches,
  );
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
  const dark = useMedia(DARK);
  const motion = !useMedia(STILL);
  return {
    algorithm: dark ? antd.darkAlgorithm : antd.defaultAlgorithm,
    token: dark
      ? {
          ...COMMON,
          motion,
          colorPrimary: '#d9a6c4',
          colorBgBase: '#1f1a17',
          colorTextBase: '#f1e8da',
          colorTextLightSolid: '#1f1a17',
          colorError: '#f0a08c',
          colorTextPlaceholder: '#b8a898',
        }
      : {
          ...COMMON,
          motion,
          colorPrimary: '#6b2d52',
          colorBgBase: '#fffdf8',
          colorTextBase: '#2c2420',
          colorError: '#a3341f',
          colorTextPlaceholder: '#6b5d52',
        },
    components: {
      Input: { activeShadow: 'none' },
      Segmented: {
        trackBg: dark ? '#2e2722' : '#efe6d6',
        itemColor: dark ? '#cdbfb0' : '#5b4d43',
        itemSelectedBg: dark ? '#4a3f37' : '#fffdf8',
      },
      Select: {
        optionSelectedBg: dark ? '#4a3f37' : '#efe6d6',
        optionSelectedColor: dark ? '#f1e8da' : '#2c2420',
        optionActiveBg: dark ? '#3a312b' : '#f6efe2',
      },
      Modal: { titleFontSize: 22 },
    },
  };
}
