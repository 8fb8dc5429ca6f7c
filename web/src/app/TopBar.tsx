import css from '../ui/layout.module.css';
import { Button } from 'antd';
import { useQueryClient } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { api } from '../api/client';
import { useSession } from '../api/job';
import { switchGlare } from './glare';

export function TopBar() {
  const session = useSession();
  const navigate = useNavigate();
  const queries = useQueryClient();
  async function leave() {
    await api.DELETE('/api/session', {});
    queries.clear();
    void navigate('/sign-in');
  }
  return (
    <nav className="topbar" aria-label="Antevid">
      <b>Antevid</b>
      <Link to="/">Board</Link>
      <Link to="/logbook">Logbook</Link>
      <Link to="/drills">Drills</Link>
      <Link to="/sums">Sums</Link>
      <Link to="/house">House</Link>
      <span className={css.toTheRight}>{session.data?.name}</span>
      <Button type="text" onClick={switchGlare}>
        Glare
      </Button>
      {session.data?.signedIn && (
        <Button type="text" onClick={() => void leave()}>
          Sign out
        </Button>
      )}
    </nav>
  );
}
