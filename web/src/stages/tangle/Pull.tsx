import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { api, data, type Schemas, type Spot } from '../../api/client';
import { useAct } from '../../api/job';
import { usePlanTools } from '../../plan/planTools';
import css from './tangle.module.css';
import { msg } from './words';

/** Where the winch stands that drags a hung stem out, and what it has to bring. */
export function Pull({ job, stem, leader }: { job: string; stem: Schemas['TangledStem']; leader: boolean }) {
  const { pick, say } = usePlanTools();
  const act = useAct(job, say);
  const [redirect, setRedirect] = useState<Spot>();
  const path = { params: { path: { job, stem: stem.stemId } } };
  const drag = useQuery({
    queryKey: ['job', job, 'tangle', 'pull', stem.stemId, JSON.stringify([stem.dragLine, stem.pose])],
    enabled: stem.dragLine !== undefined,
    queryFn: () => data(api.GET('/api/jobs/{job}/tangle/stems/{stem}/pull', path)),
  }).data;
  const keep = (winch: Spot) =>
    void act(api.POST('/api/jobs/{job}/tangle/stems/{stem}/pull', { ...path, body: { winch, redirect } }));
  return (
    <section aria-label={msg('pullOf', { stem: stem.label })}>
      <h2>{msg('pullOf', { stem: stem.label })}</h2>
      {drag ? (
        <>
          <p className={drag.strongEnough ? undefined : 'refused'}>
            <b>{drag.force === undefined ? msg('noPullLikeThis') : msg('pullBrings', { force: drag.force })}</b>
            {drag.rated !== undefined && (
              <> {msg('ratedAtHand', { rated: drag.rated, atHand: drag.atHand ?? msg('none') })}</>
            )}
          </p>
          <p className="s">
            {msg('pullRuns', { az: drag.said.pullAzDeg, off: drag.said.offAxisDeg, line: drag.said.lineM })}{' '}
            {msg('alongGround', { slope: drag.said.slopeAlongDeg })}
          </p>
          {drag.winchInRing && <p className="refused">{msg('winchInRing')}</p>}
          {drag.warnings.map((w) => (
            <p key={w} className="s">
              • {w}
            </p>
          ))}
          {drag.bight.length > 0 && <p className={css.never}>{msg('bightNobody')}</p>}
        </>
      ) : (
        <p className="s">{msg('noWinchYet')}</p>
      )}
      {leader && (
        <div className="two">
          <Button onClick={() => pick(msg('tapBlock', { stem: stem.label }), setRedirect)}>
            {redirect ? msg('blockTapped') : msg('redirected')}
          </Button>
          <Button onClick={() => pick(msg('tapWinch', { stem: stem.label }), keep)}>
            {drag ? msg('winchElsewhere') : msg('winchHere')}
          </Button>
        </div>
      )}
    </section>
  );
}
