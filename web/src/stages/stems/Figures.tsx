import type { Schemas } from '../../api/client';
import { azimuth, fixed } from '../../units/format';
import { feetInches } from '../../units/length';
import { useUnits } from '../../units/useUnits';

/** The four figures everything hangs on, each with its uncertainty and how it was got. */
export function Figures({
  stem,
  only,
}: {
  stem: Schemas['StemView'];
  only?: 'diameter' | 'height' | 'lean' | 'crown';
}) {
  const feet = useUnits() === 'feet';
  const d = stem.diameter;
  const h = stem.height;
  const diameter = (
    <div key="d">
      <span className="fig">
        {d ? (feet ? feetInches(d.value) : fixed(d.value * 100)) : '–'}
        <i>
          {!feet && 'cm '}
          {d && `±${feet ? feetInches(d.sigma) : fixed(d.sigma * 100)}`}
        </i>
      </span>
      <small>{d ? `diameter, ${d.how}` : 'diameter not known'}</small>
    </div>
  );
  const height = (
    <div key="h">
      <span className="fig">
        {h ? (feet ? feetInches(h.value) : fixed(h.value)) : '–'}
        <i>
          {!feet && 'm '}
          {h && `±${feet ? feetInches(h.sigma) : fixed(h.sigma)}`}
        </i>
      </span>
      <small>{h ? `height, ${h.how}` : 'height not known'}</small>
    </div>
  );
  const lean = (
    <div key="l">
      <span className="fig">
        {stem.lean ? fixed(stem.lean.deg) : '–'}
        <i>° {stem.lean && `±${fixed(stem.lean.sigmaDeg)}`}</i>
      </span>
      <small>
        {stem.lean
          ? `lean to ${azimuth(stem.lean.azimuthDeg)}°${stem.lean.warnings.includes('LEAN_DIRECTION_UNCERTAIN') ? ', direction uncertain' : ''}, ${stem.lean.how}`
          : 'lean not known'}
      </small>
    </div>
  );
  const mass = (
    <div key="m">
      <span className="fig">
        {stem.mass ? fixed(stem.mass.massHighKg / 1000, 2) : '–'}
        <i>t</i>
      </span>
      <small>
        {stem.mass
          ? `planning weight, up; expected ${fixed(stem.mass.massKg / 1000, 2)} t, from species, diameter and height; balance ${fixed(stem.mass.cgM)} m up`
          : 'weight not known'}
      </small>
    </div>
  );
  const c = stem.crownRadius;
  const crown = (
    <div key="c">
      <span className="fig">
        {c ? (feet ? feetInches(c.value) : fixed(c.value)) : '–'}
        <i>
          {!feet && 'm '}
          {c && `±${feet ? feetInches(c.sigma) : fixed(c.sigma)}`}
        </i>
      </span>
      <small>{c ? `crown radius, ${c.how}` : 'crown not known'}</small>
    </div>
  );
  if (only) return <div className="figs">{{ diameter, height, lean, crown }[only]}</div>;
  return (
    <>
      <div className="figs">
        {diameter}
        {height}
      </div>
      <div className="figs">
        {lean}
        {mass}
      </div>
    </>
  );
}
