import { Button } from 'antd';
import { Link } from 'react-router';
import { useSession } from '../api/job';
import css from '../ui/layout.module.css';
import { switchGlare } from './glare';
import { Menu } from './Menu';

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
        <Menu />
      ) : (
        <Button type="text" onClick={switchGlare}>
          Glare
        </Button>
      )}
    </nav>
  );
}
