import type { ThemeConfig } from 'antd';

/** Ant Design's controls in our look; the colours are the tokens of app.css. */
export const theme: ThemeConfig = {
  token: {
    colorPrimary: '#1F5C4A',
    colorInfo: '#1F5C4A',
    colorLink: '#1F5C4A',
    colorError: '#B3261E',
    colorWarning: '#9A6700',
    colorSuccess: '#1E6B45',
    colorText: '#1D2A26',
    colorTextSecondary: '#55625C',
    colorTextPlaceholder: '#66726C',
    colorBorder: '#8b958f',
    colorBgBase: '#FFFFFF',
    borderRadius: 0,
    fontFamily: "'Atkinson Hyperlegible Next Variable', sans-serif",
    fontSize: 16,
    controlHeight: 46,
    boxShadow: 'none',
    boxShadowSecondary: 'none',
    motion: false,
    wireframe: true,
  },
  components: {
    Button: { primaryShadow: 'none', defaultShadow: 'none', fontWeight: 700 },
    Segmented: { itemSelectedBg: '#1F5C4A', itemSelectedColor: '#FFFFFF' },
  },
};
