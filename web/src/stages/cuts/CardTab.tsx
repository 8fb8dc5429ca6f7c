import css from '../../ui/layout.module.css';
import { Noted, Rows } from '../../ui/Rows';
import { Button } from 'antd';
import { useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { Chips } from '../../app/Stepper';
import { ShortLength } from '../../app/ShortLength';
import { Figure } from '../../figures/Figure';
import { Mark, type MarkKind } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';
import { useAct } from '../../api/job';
import { clock } from '../../units/format';
import { useUnits } from '../../units/useUnits';
import { met } from '../../words/measures';
import { useTerms } from '../../words/words';
import type { Cutting, CutView } from './useCuts';

const LEVELS: Record<string, MarkKind> = { low: 'ready', moderate: 'CAUTION', high: 'SECOND_OPINION', extreme: 'STOP' };
const WOODS: { value: Schemas['OpenedRequest']['wood']; words: string }[] = [
  { value: 'SOUND', words: 'sound' },
  { value: 'STRESSED', words: 'stressed' },
  { value: 'DEAD_RECENT', words: 'dead, recent' },
  { value: 'DEAD_OLD', words: 'dead, old' },
  { value: 'DECAYED', words: 'decayed' },
];

/** What is cut, in which order, and what would go wrong. */
export function CardTab({ job, l, v, leader }: { job: string; l: Cutting; v: CutView; leader: boolean }) {
  const term = useTerms();
  const inches = useUnits() === 'feet';
  const c = v.card;
  const h = v.hinge;
  return (
    <>
      <Rows
        label="Cut card"
        rows={c.measures}
        keyOf={(m) => m.key}
        columns={[
          {
            cell: (m) => (
              <Noted note={m.off?.words}>
                {term('Measure.Key', m.key)}
                {m.own && <b> yours</b>}
              </Noted>
            ),
          },
          {
            quantity: true,
            cell: (m) => (
              <Noted note={m.outside && `${m.outside.words} from bark`}>
                <b>{m.shown.words}</b>
              </Noted>
            ),
          },
        ]}
      />
      <p className="s">
        Left and right looking along the lay. Each {inches ? '±1/4 in' : '±5 mm'}, said to the safe side
        {c.barkM === undefined ? '; bark not looked at: counted as wood' : ''}.
      </p>
      {h && (
        <section aria-label="Two answers">
          <h2>
            Two answers for the hinge <span>{h.decides}</span>
          </h2>
          <div className="figs">
            <div>
              <Figure shown={h.said.practiceM} />
              <small>practice</small>
            </div>
            <div>
              <Figure shown={h.said.mechanicsM ?? 'none'} />
              <small>mechanics: the side lean takes 30 %</small>
            </div>
            <div>
              <span className="fig">
                {h.sidePercent ?? '–'}
                <i>%</i>
              </span>
              <small>of it the side lean takes, 95 %, up{h.guyPercent > 0 ? ', with the guy' : ''}</small>
            </div>
          </div>
          {h.taperLeftM !== undefined && h.taperRightM !== undefined && (
            <p>
              So taper it:{' '}
              <b className="n">
                {h.said.taperLeftM} left, {h.said.taperRightM} right
              </b>
              .{' '}
              <Button
                type="text"
                className={css.link}
                onClick={() =>
                  l.setCuts({
                    hingeLeftM: h.taperLeftM,
                    hingeRightM: h.taperRightM,
                  })
                }
              >
                Take the taper
              </Button>
            </p>
          )}
          <p className="s">
            A forward lean of {h.bendsDeg}° bends it over by itself, up.
            {v.need && v.need.backM < 0 && !h.movesAlone
              ? ' The lean alone does not bend it: it stands on its hinge until that is thinner or something pulls.'
              : ''}
          </p>
        </section>
      )}
      {v.strap && (
        <section aria-label="Strap">
          <h2>
            Strap <span>lean, wind and pretension, {v.strap.wood} wood at the back</span>
          </h2>
          <p className={css.line}>
            <Mark kind={v.strap.holds ? 'ready' : 'STOP'} />
            <span>
              {v.strap.ratio === undefined ? (
                'Nothing pulls at it: the stem leans back.'
              ) : (
                <>
                  holds <b className="n">{v.strap.said.ratio}</b> times, down; 2 is asked
                  {v.strap.neededM !== undefined && !v.strap.holds ? `: ${v.strap.said.neededM} from the bark` : ''}.
                </>
              )}
              {v.strap.fullRatio !== undefined && (
                <>
                  {' '}
                  Pulled in full too soon: <b className="n">{v.strap.said.fullRatio}</b> times.
                </>
              )}
            </span>
          </p>
        </section>
      )}
      {v.splitting && (
        <section aria-label="Splitting up the stem">
          <h2>
            Splitting up the stem{' '}
            <span>
              practice {v.splitting.practice}, mechanics {v.splitting.mechanics}
            </span>
          </h2>
          <p className={css.line}>
            <Mark kind={LEVELS[v.splitting.level] ?? 'CAUTION'} />
            <span>
              <b>{v.splitting.level}</b>
              {v.splitting.level === 'extreme' ? ': do not fell by hand' : ''}. Index {v.splitting.index} of 100; energy{' '}
              {v.splitting.ratio} of what the wood takes, up.
              {v.splitting.likely.length > 0 && ` ${v.splitting.likely.join('; ')}.`}
            </span>
          </p>
          <ul className="checks">
            {v.splitting.changes.map((x) => (
              <li key={x.words}>
                {x.level ? <Mark kind={LEVELS[x.level] ?? 'CAUTION'} size={18} /> : <Mark kind="NOTE" size={18} />}
                <span>
                  {x.words}
                  {x.level && (
                    <>
                      : <b>{x.level}</b>
                    </>
                  )}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      <section aria-label="In this order">
        <h2>
          In this order{' '}
          <span>
            {c.steps.filter((s) => s.kind === 'CUT').length} cuts, {c.steps.filter((s) => s.kind !== 'CUT').length}{' '}
            checks and signals
          </span>
        </h2>
        <Steps steps={c.steps} />
        <p className="s">
          Stands on the {term('EscapeRoutes.Side', c.stand)}: {c.standsBecause.words}. Never behind the butt, in front
          of the notch, under the side lean, or inside the angle of a line.
          {c.overlapM !== undefined && ` Passes overlap by ${c.said.overlapM}.`}
        </p>
      </section>
      <Opened job={job} l={l} v={v} leader={leader} />
      {v.warnings.length > 0 && <p className="s">Notes: {v.warnings.join('; ')}.</p>}
      <p className={css.belowWell}>
        <b>Print it</b> as saved, A5:{' '}
        <a href={`/api/jobs/${job}/stems/${l.stem!.id}/cuts/card.pdf`} download>
          PDF
        </a>{' '}
        ·{' '}
        <a href={`/api/jobs/${job}/stems/${l.stem!.id}/cuts/card.svg`} download>
          SVG, front
        </a>{' '}
        ·{' '}
        <a href={`/api/jobs/${job}/stems/${l.stem!.id}/cuts/card.svg?back=true`} download>
          back
        </a>
      </p>
    </>
  );
}

/** Cuts numbered, checks as squares, signals in the lay's colour. */
export function Steps({ steps }: { steps: Schemas['CutStep'][] }) {
  let n = 0;
  return (
    <Rows
      label="Steps of the cut"
      rows={steps.map((s) => ({ ...s, n: s.kind === 'CUT' ? (n += 1) : 0 }))}
      keyOf={(s) => s.key}
      columns={[
        { width: 30, cell: (s) => (s.n > 0 ? <b className="n">{s.n}</b> : <Mark kind="none" size={16} />) },
        {
          cell: (s) => (
            <>
              <span className={s.kind === 'SIGNAL' ? 'b lay' : s.kind === 'CUT' ? 'b' : undefined}>{s.says.words}</span>
              {s.measures.length > 0 && (
                <>
                  <br />
                  <span className="n">{met(s.measures)}</span>
                </>
              )}
            </>
          ),
        },
      ]}
    />
  );
}

/** What the opened face showed; entered while the work stands, the card is another one at once. */
function Opened({ job, l, v, leader }: { job: string; l: Cutting; v: CutView; leader: boolean }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const half = v.card.hingeLengthM / 2;
  const [open, setOpen] = useState(false);
  const [left, setLeft] = useState<number>();
  const [right, setRight] = useState<number>();
  const [wood, setWood] = useState<Schemas['OpenedRequest']['wood']>();
  const all = left !== undefined && right !== undefined && wood !== undefined;
  const keep = async () => {
    if (!all) return;
    if (
      await act(
        api.PUT('/api/jobs/{job}/stems/{stem}/cuts/opened', {
          params: { path: { job, stem: l.stem!.id } },
          body: { soundLeftM: left, soundRightM: right, wood, note: '' },
        }),
      )
    )
      setOpen(false);
  };
  const o = v.opened;
  return (
    <section aria-label="Opened face">
      <h2>
        The opened face{' '}
        <span>
          {o
            ? `${o.who.split(' ')[0]}, ${clock(o.at)}`
            : v.reread
              ? 'planned check: the wood is suspect'
              : 'not looked at'}
        </span>
      </h2>
      {o && (
        <p>
          {o.holds ? (
            <>
              <b className="n">
                {o.said.soundLeftM} left, {o.said.soundRightM} right
              </b>{' '}
              sound, {o.wood}: {o.said.woodShare} of the hinge is wood. <b>{o.result}</b>.
            </>
          ) : (
            'Read for another face: this cut goes elsewhere.'
          )}
        </p>
      )}
      {open ? (
        <div className="form">
          <div className="two">
            <ShortLength
              label="Sound from the left bark in"
              value={left}
              by={0}
              note={`all of it is ${Math.floor(half * 1000)} mm`}
              undo=""
              blank
              onChange={setLeft}
            />
            <ShortLength
              label="Sound from the right bark in"
              value={right}
              by={0}
              note={`all of it is ${Math.floor(half * 1000)} mm`}
              undo=""
              blank
              onChange={setRight}
            />
          </div>
          <Button
            type="text"
            className={css.link}
            onClick={() => {
              setLeft(half);
              setRight(half);
              setWood('SOUND');
            }}
          >
            Sound wood over the whole hinge
          </Button>
          <Chips label="The wood that is sound is" options={WOODS} value={wood} onChange={setWood} />
          {!all && (
            <p className="s">
              Not entered yet:{' '}
              {[left === undefined && 'left', right === undefined && 'right', wood === undefined && 'the wood']
                .filter(Boolean)
                .join(', ')}
              . Nothing counts as sound that nobody has seen.
            </p>
          )}
          <Button type="primary" size="large" block disabled={!all} onClick={() => void keep()}>
            Compute the card anew
          </Button>
        </div>
      ) : (
        leader &&
        l.saved && (
          <Button type="text" className={css.link} onClick={() => setOpen(true)}>
            Enter what the face shows
          </Button>
        )
      )}
    </section>
  );
}
