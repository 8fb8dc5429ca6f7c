import { TopBar } from '../app/TopBar';
import { msg } from './words';

export type Room = 'LOGBOOK' | 'DRILLS';

/** A room that is built but not furnished: says what it will hold. */
export default function Coming({ room }: { room: Room }) {
  const logbook = room === 'LOGBOOK';
  return (
    <>
      <TopBar />
      <main className="sums">
        <h1>{logbook ? msg('logbook') : msg('drills')}</h1>
        <p className="empty">{logbook ? msg('allOutcomesOfAll') : msg('practiceAtReadingLean')}</p>
      </main>
    </>
  );
}
