import { Button } from 'antd';
import { lazy, Suspense } from 'react';
import { Link } from 'react-router';
import { useSession } from '../api/job';
import css from '../ui/layout.module.css';
import { switchGlare } from './glare';
import { later } from './later';

const MainMenu = lazy(() => later(() => import('./MainMenu')));

/** Where one is outside of a job; on a narrow display the ways there are in the menu. */
export function TopBar() {
  const session = useSession();
  return (
    <nav className="topbar" aria-label="Antevid">
      <b>Antevid</b>
      <Link to="/">Board</Link>
      <Link to="/logbook">Logbook</Link>
      <Link to="/drills">Drills</Link>
      <Link to="/sums">Sums</Link>
      <Link to="/house">House</Link>
      <span className={css.toTheRight}>{session.data?.name}</span>
      {session.data?.signedIn ? (
        <Suspense fallback={null}>
          <MainMenu />
        </Suspense>
      ) : (
        <Button type="text" onClick={switchGlare}>
          Glare
        </Button>
      )}
    </nav>
  );
}
