import css from '../../ui/layout.module.css';
import { Gauge } from '../../app/Gauge';
import { Chips } from '../../app/Stepper';
import { useKit } from '../../api/job';
import { Mark } from '../../figures/Mark';
import type { Cutting, CutView } from './useCuts';
import { msg } from './words';

/** Lift, force, order of driving; enough or not, and the next means. */
export function WedgesTab({ l, v }: { l: Cutting; v: CutView }) {
  const w = v.wedges;
  const kit = useKit().data ?? [];
  const wedges = kit.filter((k) => k.kind === 'WEDGE');
  const s = l.support;
  return (
    <div aria-label={msg('wedgesTitle')}>
      {w.looseAbove.length > 0 && (
        <p className="refused">{msg('noWedgeBlowsBeneath', { looseAbove: w.looseAbove.join(', ') })}</p>
      )}
      <Chips
        label={msg('wedgesAtTheStump')}
        value={s.wedgeId ?? ''}
        onChange={(id) => l.setSupport({ wedgeId: id || undefined })}
        options={[
          ...wedges.map((k) => ({ value: k.id, words: `${k.name}, ${k.said.liftM}` })),
          { value: '', words: msg('usual25Mm') },
        ]}
      />
      <div className={css.halvesClose}>
        <Chips
          label={msg('sideBySide')}
          value={s.beside ?? 0}
          onChange={(beside) => l.setSupport({ beside: beside || undefined })}
          options={[0, 1, 2, 3, 4].map((n) => ({ value: n, words: n === 0 ? msg('asItTakes') : String(n) }))}
        />
        <Chips
          label={msg('onTopOfEach')}
          value={s.stack ?? 1}
          onChange={(stack) => l.setSupport({ stack })}
          options={[
            { value: 1, words: '1' },
            { value: 2, words: msg('doubtful') },
          ]}
        />
      </div>
      {!w.known ? (
        <p className="empty">{msg('theLeanIsNot')}</p>
      ) : (
        <>
          <h2>
            <b className={css.inlineRow}>
              <Mark kind={w.enough && w.looseAbove.length === 0 ? 'ready' : 'STOP'} />
              {w.enough ? msg('enoughByTheSums') : msg('notEnough')}
            </b>{' '}
            <span>{w.set}</span>
          </h2>
          <div className={css.halves}>
            <Gauge of={w.lift} words={msg('needWithHalfAs')} />
            <Gauge of={w.force} words={msg('upwardHalfAsMuch')} />
          </div>
          <p className="s">
            {msg('withWindAtAgainst', { gust: w.gust })} <b className="n">{w.forceInWind.words}</b>
            {w.forceInWind.over ? msg('moreThanAWedge') : ''}.
          </p>
          {w.reasons.length > 0 && (
            <p>
              <b>{w.reasons.join('; ')}.</b>
            </p>
          )}
          {w.next.length > 0 && (
            <>
              <h3>{msg('nextWhatDoesIt')}</h3>
              <ul className="checks" aria-label={msg('whatComesNext')}>
                {w.next.map((n) => (
                  <li key={n.kind}>
                    <Mark kind={n.enough ? 'ready' : 'STOP'} size={18} />
                    <span>
                      {n.words}: <b>{n.enough ? msg('doesIt') : msg('notEnoughInline')}</b>
                    </span>
                  </li>
                ))}
              </ul>
            </>
          )}
          <p>
            {msg('oneMillimetreOfLift')} <b className="n">{w.said.tipPerMmM}</b>
            {msg('drivingTakesOnEach', {
              levels: w.levels ? msg('onTopOfEachOther', { levels: w.levels }) : msg('noStackGivesThat'),
              driveN: w.said.driveN,
            })}
          </p>
          <p className="s">{msg('leftAndRightIn')}</p>
          <h2>
            {msg('fellingLever')} <span>{msg('smallStemsOnly')}</span>
          </h2>
          <p>
            {w.leverFits ? (w.leverEnough ? msg('enoughForThisStem') : msg('notEnoughForThis')) : msg('notForThisStem')}
          </p>
        </>
      )}
      <h2>{msg('keepTheKerfOpen')}</h2>
      <Chips
        label={msg('oneWedgePushedIn')}
        value={s.keepOpen ? 'yes' : 'no'}
        onChange={(k) => l.setSupport({ keepOpen: k === 'yes' })}
        options={[
          { value: 'no', words: msg('no') },
          { value: 'yes', words: msg('yes') },
        ]}
      />
    </div>
  );
}
