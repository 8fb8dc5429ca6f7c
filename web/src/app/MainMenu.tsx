import { useQueryClient } from '@tanstack/react-query';
import { Button, Dropdown } from 'antd';
import { useNavigate } from 'react-router';
import { api } from '../api/client';
import { useUnits } from '../units/useUnits';
import { useManner } from '../words/useManner';
import { language } from '../words/words';
import { switchGlare } from './glare';
import { msg } from './words';

export type MenuItem = { words: string; act: () => void };

/** Everything that is not the work itself, in words; HOLD alone stands out beside it. */
export default function MainMenu({ more = [] }: { more?: MenuItem[] }) {
  const feet = useUnits() === 'feet';
  const spanish = language() === 'SPANISH';
  const read = useManner();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const leave = async () => {
    await api.DELETE('/api/session', {});
    queries.clear();
    void navigate('/sign-in');
  };
  const items: MenuItem[] = [
    ...more,
    { words: feet ? msg('metres') : msg('feetAndInches'), act: () => read(language(), !feet) },
    { words: msg('glareOnOrOff'), act: switchGlare },
    { words: spanish ? msg('english') : msg('spanish'), act: () => read(spanish ? 'ENGLISH' : 'SPANISH', feet) },
    { words: msg('allJobs'), act: () => void navigate('/') },
    { words: msg('logbook'), act: () => void navigate('/logbook') },
    { words: msg('drills'), act: () => void navigate('/drills') },
    { words: msg('sums'), act: () => void navigate('/sums') },
    { words: msg('house'), act: () => void navigate('/house') },
    { words: msg('signOut'), act: () => void leave() },
  ];
  return (
    <Dropdown
      trigger={['click']}
      menu={{
        items: items.map((i) => ({ key: i.words, label: i.words })),
        onClick: ({ key }) => items.find((i) => i.words === key)?.act(),
      }}
    >
      <Button type="text">{msg('menu')}</Button>
    </Dropdown>
  );
}
