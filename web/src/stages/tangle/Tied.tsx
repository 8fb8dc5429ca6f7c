import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { api, data, type Schemas, type Spot } from '../../api/client';
import { useAct } from '../../api/job';
import { Stepper } from '../../app/Stepper';
import { usePlanTools } from '../../plan/planTools';
import { msg } from './words';

/** The line that keeps the butt of a hung stem from swinging far. */
export function Tied({ job, stem, leader }: { job: string; stem: Schemas['TangledStem']; leader: boolean }) {
  const { pick, say } = usePlanTools();
  const act = useAct(job, say);
  const was = stem.tiedOff;
  const [anchor, setAnchor] = useState<Spot | undefined>(was?.anchor);
  const [lineM, setLineM] = useState<number | null>(was?.lineM ?? null);
  const [tieM, setTieM] = useState<number | null>(was?.tieFromButtM ?? null);
  const [open, setOpen] = useState(false);
  const path = { params: { path: { job, stem: stem.stemId } } };
  const tied = useQuery({
    queryKey: ['job', job, 'tangle', 'tied', stem.stemId, JSON.stringify([was, stem.pose, stem.rests])],
    enabled: was !== undefined,
    queryFn: () => data(api.GET('/api/jobs/{job}/tangle/stems/{stem}/pull/tied', path)),
  }).data;
  if (!was && !open)
    return (
      <Button type="text" onClick={() => setOpen(true)}>
        {msg('tiedOf', { stem: stem.label })}
      </Button>
    );
  return (
    <section aria-label={msg('tiedOf', { stem: stem.label })}>
      <h2>{msg('tiedOf', { stem: stem.label })}</h2>
      {!tied && <p className="s">{msg('tiedHow')}</p>}
      {tied && !tied.fits && <p className="refused">{msg('tiedNoLonger')}</p>}
      {tied?.fits && (
        <>
          <p>
            <b>{msg('tiedComes', { disc: tied.said.discM ?? '' })}</b>
            {tied.said.farthestM && `, ${msg('tiedFarthest', { farthest: tied.said.farthestM })}`}
          </p>
          <p className="s">
            {tied.said.wantsAzDeg && msg('tiedWants', { az: tied.said.wantsAzDeg })} ·{' '}
            {msg('tiedSlack', { slack: tied.said.slackM ?? '' })}
          </p>
          {tied.warningWords.map((w) => (
            <p key={w} className="refused">
              {w}
            </p>
          ))}
        </>
      )}
      {leader && !open && (
        <Button type="text" onClick={() => setOpen(true)}>
          {msg('tieAnew')}
        </Button>
      )}
      {leader && open && (
        <div className="form">
          <Button onClick={() => pick(msg('tapAnchor', { stem: stem.label }), setAnchor)}>
            {anchor ? msg('anchorTapped') : msg('anchorHere')}
          </Button>
          <div className="two">
            <Stepper
              label={msg('lineOut')}
              unit="m"
              value={lineM}
              onChange={setLineM}
              step={0.5}
              min={0.5}
              digits={1}
            />
            <Stepper label={msg('tiedAt')} unit="m" value={tieM} onChange={setTieM} step={0.1} min={0} digits={1} />
          </div>
          <Button
            size="large"
            block
            disabled={!anchor || lineM === null || tieM === null}
            onClick={() => {
              if (anchor && lineM !== null && tieM !== null)
                void act(
                  api.POST('/api/jobs/{job}/tangle/stems/{stem}/pull/tied', {
                    ...path,
                    body: { anchor, lineM, tieFromButtM: tieM },
                  }),
                ).then((kept) => kept && setOpen(false));
            }}
          >
            {msg('keepTied')}
          </Button>
        </div>
      )}
    </section>
  );
}
