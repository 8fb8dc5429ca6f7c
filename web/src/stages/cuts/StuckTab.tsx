import css from '../../ui/layout.module.css';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, data } from '../../api/client';
import { ShortLength } from '../../app/ShortLength';
import type { Cutting } from './useCuts';

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
    <div aria-label="It does not move">
      <p className="refused">{stuck.data?.first ?? 'Nobody goes back to the stump.'}</p>
      <div className="form">
        <div className="two">
          <ShortLength
            label="Uncut band, wide"
            value={width}
            by={0.05}
            onChange={(m) => m !== undefined && setWidth(m)}
            note="across the lay"
            undo=""
          />
          <ShortLength
            label="Uncut band, long"
            value={height}
            by={0.02}
            onChange={(m) => m !== undefined && setHeight(m)}
            note="along the lay"
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
            <span className="s">Tell: {c.tell}.</span>
            <br />
            {c.then}.
          </li>
        ))}
      </ol>
    </div>
  );
}
