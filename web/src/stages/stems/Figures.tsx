import type { Schemas } from '../../api/client';
import { azimuth, fixed } from '../../units/format';
import { feetInches } from '../../units/length';
import { useUnits } from '../../units/useUnits';

/** The four figures everything hangs on, each with its uncertainty and how it was got. */
export function Figures({ stem }: { stem: Schemas['StemView'] }) {
  const feet = useUnits() === 'feet';
  const d = stem.diameter;
  const h = stem.height;
  return (
    <>
      <div className="figs">
        <div><span className="fig">{d ? (feet ? feetInches(d.value) : fixed(d.value * 100)) : '–'}<i>{!feet && 'cm '}{d && `±${feet ? feetInches(d.sigma) : fixed(d.sigma * 100)}`}</i></span><small>{d?.how ?? 'diameter not known'}</small></div>
        <div><span className="fig">{h ? (feet ? feetInches(h.value) : fixed(h.value)) : '–'}<i>{!feet && 'm '}{h && `±${feet ? feetInches(h.sigma) : fixed(h.sigma)}`}</i></span><small>{h ? h.how : 'height not known'}</small></div>
      </div>
      <div className="figs">
        <div><span className="fig">{stem.lean ? fixed(stem.lean.deg) : '–'}<i>° {stem.lean && `±${fixed(stem.lean.sigmaDeg)}`}</i></span><small>{stem.lean ? `lean to ${azimuth(stem.lean.azimuthDeg)}°${stem.lean.warnings.includes('LEAN_DIRECTION_UNCERTAIN') ? ', direction uncertain' : ''}, ${stem.lean.how}` : 'lean not known'}</small></div>
        <div><span className="fig">{stem.mass ? fixed(Math.ceil(stem.mass.massHighKg / 10) / 100, 2) : '–'}<i>t high side</i></span><small>{stem.mass ? `about ${fixed(stem.mass.massKg / 1000, 2)} t, from species, diameter and height; balance ${fixed(stem.mass.cgM)} m up` : 'mass not known'}</small></div>
      </div>
    </>
  );
}
