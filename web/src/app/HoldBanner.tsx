import { useEffect, useState } from 'react';
import { api, type Schemas } from '../api/client';
import { useAct } from '../api/job';
import { clock } from '../units/format';

/** Everybody sees who called the hold and when; only the leader lifts it, with a reason. */
export function HoldBanner({ job, hold, leader, say }: { job: string; hold: Schemas['HoldView']; leader: boolean; say: (w: string) => void }) {
  const act = useAct(job, say);
  const [reason, setReason] = useState('');
  const path = { job, hold: hold.id };
  useEffect(() => hold.mine ? undefined : void api.POST('/api/jobs/{job}/run/holds/{hold}/receipts', { params: { path: { job, hold: hold.id } }, body: { state: 'SEEN' } }).catch(() => undefined), [job, hold.id, hold.mine]);
  const stopped = hold.receipts.filter((r) => r.state === 'STOPPED');
  return (
    <div className="banner" role="alert">
      <span>HOLD, {hold.who}, {clock(hold.at)}{hold.reason ? `: ${hold.reason}` : ''}</span>
      <span style={{ fontSize: 16, fontWeight: 400 }}>{stopped.length > 0 ? `stopped: ${stopped.map((r) => r.who).join(', ')}` : 'not confirmed stopped: whistle and arm signal'}</span>
      {leader && (
        <form style={{ display: 'flex', gap: 8, marginLeft: 'auto' }} onSubmit={(e) => {
          e.preventDefault();
          void act(api.POST('/api/jobs/{job}/run/holds/{hold}/lift', { params: { path }, body: { reason } }));
        }}>
          <input aria-label="Reason for lifting the hold" placeholder="reason" value={reason} onChange={(e) => setReason(e.target.value)} style={{ minHeight: 44, padding: '0 10px', font: 'inherit', fontSize: 16, border: 0 }} required />
          <button className="plain" style={{ background: '#fff', color: 'var(--keep)', fontWeight: 700, fontSize: 16 }}>Lift the hold</button>
        </form>
      )}
    </div>
  );
}
