import css from '../../ui/layout.module.css';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, data } from '../../api/client';
import { ShortLength } from '../../app/ShortLength';
import type { Cutting } from './useCuts';
import { msg } from './words';

/** It does not move: causes in order, each with its tell and the pull it costs. */
export function StuckTab({ job, l }: { job: string; l: Cutting }) {
  const [width, setWidth] = useState(0.05);
  const [height, setHeight] = useState(0.02);
  const stuck = useQuery({
    queryKey: ['stuck', job, l.stem?.id, JSON.stringify(l.choice), width, height],
    enabled: Boolean(l.stem),
    queryFn: () =>
      data(
        api.POST('/api/jobs/{job}/stems/{stem}/cuts/does-not-move', {
          params: { path: { job, stem: l.stem!.id } },
          body: { choice: l.choice, uncutWidthM: width, uncutHeightM: height },
        }),
      ),
  });
  return (
    <div aria-label={msg('itDoesNotMove')}>
      <p className="refused">{stuck.data?.first ?? msg('nobodyGoesBackTo')}</p>
      <div className="form">
        <div className="two">
          <ShortLength
            label={msg('uncutBandWide')}
            value={width}
            by={0.05}
            onChange={(m) => m !== undefined && setWidth(m)}
            note={msg('acrossTheLay')}
            undo=""
          />
          <ShortLength
            label={msg('uncutBandLong')}
            value={height}
            by={0.02}
            onChange={(m) => m !== undefined && setHeight(m)}
            note={msg('alongTheLay')}
            undo=""
          />
        </div>
      </div>
      <ol className={css.numbered}>
        {stuck.data?.causes.map((c) => (
          <li key={c.cause} className={css.ruledItem}>
            <b>{c.cause}</b>
            {c.extra && <span className="n"> +{c.extra}</span>}
            <br />
            <span className="s">{msg('tell', { tell: c.tell })}</span>
            <br />
            {c.then}.
          </li>
        ))}
      </ol>
    </div>
  );
}
