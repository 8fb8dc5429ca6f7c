import css from '../../ui/layout.module.css';
import { Gauge } from '../../app/Gauge';
import { Chips } from '../../app/Stepper';
import { useKit } from '../../api/job';
import { Mark } from '../../figures/Mark';
import type { Cutting, CutView } from './useCuts';

/** Lift, force, order of driving; enough or not, and the next means. */
export function WedgesTab({ l, v }: { l: Cutting; v: CutView }) {
  const w = v.wedges;
  const kit = useKit().data ?? [];
  const wedges = kit.filter((k) => k.kind === 'WEDGE');
  const s = l.support;
  return (
    <div aria-label="Wedges">
      {w.looseAbove.length > 0 && (
        <p className="refused">
          {w.looseAbove.join(', ')}: no wedge blows beneath it, they shake it down on whoever drives. Pull instead.
        </p>
      )}
      <Chips
        label="Wedges at the stump"
        value={s.wedgeId ?? ''}
        onChange={(id) => l.setSupport({ wedgeId: id || undefined })}
        options={[
          ...wedges.map((k) => ({ value: k.id, words: `${k.name}, ${k.said.liftM}` })),
          { value: '', words: 'usual, 25 mm' },
        ]}
      />
      <div className={css.halvesClose}>
        <Chips
          label="Side by side"
          value={s.beside ?? 0}
          onChange={(beside) => l.setSupport({ beside: beside || undefined })}
          options={[0, 1, 2, 3, 4].map((n) => ({ value: n, words: n === 0 ? 'as it takes' : String(n) }))}
        />
        <Chips
          label="On top of each other"
          value={s.stack ?? 1}
          onChange={(stack) => l.setSupport({ stack })}
          options={[
            { value: 1, words: '1' },
            { value: 2, words: '2, doubtful' },
          ]}
        />
      </div>
      {!w.known ? (
        <p className="empty">The lean is not known; no lift is guessed.</p>
      ) : (
        <>
          <h2>
            <b className={css.inlineRow}>
              <Mark kind={w.enough && w.looseAbove.length === 0 ? 'ready' : 'STOP'} />
              {w.enough ? 'Enough by the sums' : 'Not enough'}
            </b>{' '}
            <span>{w.set}</span>
          </h2>
          <div className={css.halves}>
            <Gauge of={w.lift} words="need with half as much again, up / have once the kerf is filled, down" />
            <Gauge
              of={w.force}
              words="upward, half as much again and the hinge counted, still air, up / what a driven wedge carries"
            />
          </div>
          <p className="s">
            With wind at {w.gust} against it, where work stops, <b className="n">{w.forceInWind.words}</b>
            {w.forceInWind.over ? ': more than a wedge carries; stop at less wind, the Lay says at which gust' : ''}.
          </p>
          {w.reasons.length > 0 && (
            <p>
              <b>{w.reasons.join('; ')}.</b>
            </p>
          )}
          {w.next.length > 0 && (
            <>
              <h3>Next, what does it first</h3>
              <ul className="checks" aria-label="What comes next">
                {w.next.map((n) => (
                  <li key={n.kind}>
                    <Mark kind={n.enough ? 'ready' : 'STOP'} size={18} />
                    <span>
                      {n.words}: <b>{n.enough ? 'does it' : 'not enough'}</b>
                    </span>
                  </li>
                ))}
              </ul>
            </>
          )}
          <p>
            One millimetre of lift moves the tip <b className="n">{w.said.tipPerMmM}</b>.{' '}
            {w.levels ? `${w.levels} on top of each other would give the lift.` : 'No stack gives that lift.'} Driving
            takes {w.said.driveN} on each.
          </p>
          <p className="s">
            Left and right in turn, small blows, look up after each pair. Stop when the lift stops and the hinge does
            not move.
          </p>
          <h2>
            Felling lever <span>small stems only</span>
          </h2>
          <p>
            {w.leverFits
              ? w.leverEnough
                ? 'Enough for this stem: one person, both hands and legs.'
                : 'Not enough for this stem.'
              : 'Not for this stem: it is thicker than 30 cm at the cut.'}
          </p>
        </>
      )}
      <h2>Keep the kerf open</h2>
      <Chips
        label="One wedge pushed in by hand; no blow, nothing counted on it"
        value={s.keepOpen ? 'yes' : 'no'}
        onChange={(k) => l.setSupport({ keepOpen: k === 'yes' })}
        options={[
          { value: 'no', words: 'no' },
          { value: 'yes', words: 'yes' },
        ]}
      />
    </div>
  );
}
