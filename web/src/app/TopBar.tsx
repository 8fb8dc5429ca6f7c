import { Button } from 'antd';
import { Link } from 'react-router';
import { useSession } from '../api/job';
import css from '../ui/layout.module.css';
import { switchGlare } from './glare';
import { Menu } from './Menu';
import { msg } from './words';

/** Where one is outside of a job; on a narrow display the ways there are in the menu. */
export function TopBar() {
  const session = useSession();
  return (
    <nav className="topbar" aria-label={msg('antevid')}>
      <b>{msg('antevid')}</b>
      <Link to="/">{msg('board')}</Link>
      <Link to="/logbook">{msg('logbook')}</Link>
      <Link to="/drills">{msg('drills')}</Link>
      <Link to="/sums">{msg('sums')}</Link>
      <Link to="/house">{msg('house')}</Link>
      <span className={css.toTheRight}>{session.data?.name}</span>
      {session.data?.signedIn ? (
        <Menu />
      ) : (
        <Button type="text" onClick={switchGlare}>
          {msg('glare')}
        </Button>
      )}
    </nav>
  );
}
