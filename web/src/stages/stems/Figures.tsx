import type { Schemas } from '../../api/client';
import { Figure } from '../../figures/Figure';
import { msg } from './words';

type Stem = Schemas['StemView'];
export type Shown = 'diameter' | 'height' | 'lean' | 'crown';

/** One of the figures, with its uncertainty and how it was got. */
function Length({ name, of }: { name: string; of?: Stem['height'] }) {
  return (
    <div>
      <Figure shown={of?.shown ?? '–'} more={of && `±${of.shownSigma}`} />
      <small>{of ? `${name}, ${of.how}` : msg('notKnownWithName', { name })}</small>
    </div>
  );
}

function Lean({ of }: { of: Stem['lean'] }) {
  return (
    <div>
      <Figure shown={of?.said.deg ?? '–'} more={of && `±${of.said.sigmaDeg}`} />
      <small>
        {of
          ? msg('leanTo', {
              azimuthDeg: of.said.azimuthDeg,
              warnings: of.warnings.map((w) => `, ${w}`).join(''),
              how: of.how,
            })
          : msg('leanNotKnown')}
      </small>
    </div>
  );
}

/** The four figures everything hangs on, each with its uncertainty and how it was got. */
export function Figures({ stem, only }: { stem: Stem; only?: Shown }) {
  const diameter = <Length name={msg('diameter')} of={stem.diameter} />;
  const height = <Length name={msg('heightOf')} of={stem.height} />;
  const lean = <Lean of={stem.lean} />;
  const crown = <Length name={msg('crownRadius')} of={stem.crownRadius} />;
  const m = stem.mass;
  if (only) return <div className="figs">{{ diameter, height, lean, crown }[only]}</div>;
  return (
    <>
      <div className="figs">
        {diameter}
        {height}
      </div>
      <div className="figs">
        {lean}
        <div>
          <Figure shown={m?.said.massHighKg ?? '–'} />
          <small>
            {m ? msg('planningWeightUpExpected', { massKg: m.said.massKg, cgM: m.said.cgM }) : msg('weightNotKnown')}
          </small>
        </div>
      </div>
    </>
  );
}
