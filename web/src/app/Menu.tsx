import { Button } from 'antd';
import { lazy, Suspense } from 'react';
import { later } from './later';
import type { MenuItem } from './MainMenu';
import { msg } from './words';

const MainMenu = lazy(() => later(() => import('./MainMenu')));

/** The menu of every page, loaded after what the page is for; until then its button says that it cannot be pressed. */
export function Menu({ more }: { more?: MenuItem[] }) {
  return (
    <Suspense
      fallback={
        <Button type="text" disabled>
          {msg('menu')}
        </Button>
      }
    >
      <MainMenu more={more} />
    </Suspense>
  );
}
