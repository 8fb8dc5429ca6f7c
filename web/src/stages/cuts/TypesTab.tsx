import css from '../../ui/layout.module.css';
import { Button } from 'antd';
import { Mark } from '../../figures/Mark';
import type { Cutting, CutView } from './useCuts';
import { msg } from './words';

/** The types of cut side by side on this stem: what each does, where its people disagree with the others, what the mechanics says here. */
export function TypesTab({ l, v }: { l: Cutting; v: CutView }) {
  return (
    <ul className="list" aria-label={msg('typesOfCut')}>
      {v.types.map((t) => {
        const on = t.school === l.choice.school;
        return (
          <li key={t.school}>
            <Button type="text" className="row" aria-current={on} onClick={() => l.set({ school: t.school })}>
              <Profile
                face={t.faceDeg}
                depth={t.depthM}
                hinge={t.hingeM}
                step={t.stepM}
                d={v.card.dAlongM}
                below={t.school === 'HUMBOLDT'}
              />
              <span className={css.grow}>
                <b>{t.words}</b>
                {t.house && <small> {msg('houses')}</small>}
                <br />
                <small>
                  {msg('deepHinge', {
                    faceDeg: t.said.faceDeg,
                    depthM: t.said.depthM,
                    hingeM: t.said.hingeM,
                    hingeLengthM: t.said.hingeLengthM,
                  })}
                </small>
              </span>
              <span className="r n">
                <b>{t.sidePercent === undefined ? '–' : `${t.sidePercent} %`}</b>
                <br />
                <small>{msg('toTheSide')}</small>
              </span>
              <Mark kind={t.contradictions.length > 0 ? 'CAUTION' : 'ready'} />
            </Button>
            {t.contradictions.map((x) => (
              <p key={x} className={css.typeName}>
                {x}.
              </p>
            ))}
            {on && (
              <div role="group" className={`s ${css.typeBody}`} aria-label={msg('about', { words: t.words })}>
                <p>
                  <b>{msg('first')}</b> {t.firstCut}.
                  {t.stepM > 0 ? ` ${msg('backCutAboveThe', { stepM: t.said.stepM })}` : ` ${msg('backCutLevelWith')}`}
                  {t.bored ? '' : ` ${msg('tooSmallToBore')}`}
                </p>
                <p>
                  <b>{msg('closing')}</b> {msg('aLeanOfDegrees', { whenClosed: t.whenClosed, bendsDeg: t.bendsDeg })}
                </p>
                <p>
                  <b>{msg('goodFor')}</b> {t.goodFor}.
                </p>
                <p>
                  <b>{msg('wherePeopleDisagree')}</b> {t.disagree}.
                </p>
              </div>
            )}
          </li>
        );
      })}
    </ul>
  );
}

/** The stem from the side, small. */
function Profile({
  face,
  depth,
  hinge,
  step,
  d,
  below,
}: {
  face: number;
  depth: number;
  hinge: number;
  step: number;
  d: number;
  below: boolean;
}) {
  const k = 44 / d;
  const apex = 50 - depth * k;
  const rise = Math.min(18, depth * k * Math.tan((Math.min(face, 85) * Math.PI) / 180)) * (below ? 1 : -1);
  return (
    <svg width="54" height="44" viewBox="0 0 54 44" aria-hidden="true" className={css.fixedSize}>
      <path
        d={`M6 2V42M50 2V${22 + Math.min(0, rise)}M50 ${22 + Math.max(0, rise)}V42M50 ${22 + rise}L${apex} 22H50M6 ${22 - step * k}H${apex - hinge * k}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="2.2"
      />
      <rect x={apex - hinge * k} y="16" width={Math.max(2, hinge * k)} height="12" fill="var(--lay)" />
    </svg>
  );
}
