import type { Schemas } from '../api/client';
import { useWatch } from '../api/job';
import WatchList from '../app/WatchList';

/** What instruments say to whoever holds this phone: all to whoever steers, else what is theirs and what is amiss. */
export default function WatchCard({ job, run, me }: { job: string; run: Schemas['RunView']; me: string }) {
  const all = useWatch(job).data ?? run.watch;
  const pulls = run.step?.iMayConfirmStopped ?? false;
  const mine = all.filter(
    (w) => run.iSteer || w.state !== 'WITHIN' || w.personId === me || (pulls && w.kind !== 'BEACON'),
  );
  return mine.length > 0 ? (
    <div className="c">
      <WatchList all={mine} />
    </div>
  ) : null;
}
