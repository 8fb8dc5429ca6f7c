import { ConfigProvider } from 'antd';
import { type ReactNode, useSyncExternalStore } from 'react';
import { isGlare, onGlare } from '../app/glare';
import { glare, paper } from './palette';
import { antevidTheme } from './theme';

const THEMES = { paper: antevidTheme(paper), glare: antevidTheme(glare) };

/** One theme around everything: Ant Design's controls in our look, by day and in glare. */
export function AppTheme({ children }: { children: ReactNode }) {
  const bright = useSyncExternalStore(onGlare, isGlare);
  return (
    <ConfigProvider
      theme={bright ? THEMES.glare : THEMES.paper}
      button={{ autoInsertSpace: false }}
      renderEmpty={() => '–'}
    >
      {children}
    </ConfigProvider>
  );
}
