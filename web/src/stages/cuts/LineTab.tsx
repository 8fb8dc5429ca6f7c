import css from '../../ui/layout.module.css';
import { Button } from 'antd';
import { useState } from 'react';
import { Gauge } from '../../app/Gauge';
import { Chips, Stepper } from '../../app/Stepper';
import { useKit } from '../../api/job';
import { Mark } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';
import { LineForm, LineWords } from '../lay/LineForm';
import type { Cutting, CutView, RigChoice } from './useCuts';

/** What brings it over by rope: enough or not, what each piece bears, the signal; the fallback; the side guy. */
export function LineTab({ l, v }: { l: Cutting; v: CutView }) {
  const { pick } = usePlanTools();
  const kit = useKit().data ?? [];
  const line = l.choice.means === 'HAND_LINE' || l.choice.means === 'MACHINE_LINE';
  const [moving, setMoving] = useState(false);
  const s = l.support;
  const f = s.fallback;
  const ropes = kit.filter((k) => k.kind === 'ROPE');
  return (
    <div aria-label="Line">
      <Chips
        label="What brings it over"
        value={l.choice.means}
        onChange={(means) => l.set({ means })}
        options={[
          { value: 'NOTHING', words: 'own lean' },
          { value: 'LEVER', words: 'lever' },
          { value: 'WEDGES', words: 'wedges' },
          { value: 'HAND_LINE', words: 'hand line' },
          { value: 'MACHINE_LINE', words: 'machine' },
        ]}
      />
      {v.need && (
        <p className="s">
          {v.need.backM > 0 ? (
            <>
              Its weight sits up to <b className="n">{v.need.said.backM}</b> behind the hinge (95 %); these means bring{' '}
              <b className="n">{v.need.said.meansM ?? 'not known'}</b> over, the hinge counted.
            </>
          ) : (
            'It leans to the lay and needs no help.'
          )}{' '}
          Wind at the limit is worth {v.need.said.windM} more.
        </p>
      )}
      {v.refused.map((r) => (
        <p key={r} className="refused">
          {r}
        </p>
      ))}
      {line && (
        <>
          {v.line && !moving ? (
            <p>
              <LineWords
                line={l.choice}
                hand={l.choice.means === 'HAND_LINE'}
                gives={v.line.available ?? 'not known'}
              />{' '}
              <Button type="text" className={css.link} onClick={() => setMoving(true)}>
                Move the line
              </Button>
            </p>
          ) : (
            <div className="form">
              <LineForm
                line={l.choice}
                hand={l.choice.means === 'HAND_LINE'}
                set={(over) => l.set({ ...over, rig: { ...l.rig, proposed: undefined } })}
                wrong={l.wrong}
              />
              {moving && (
                <Button type="text" className={css.bare} onClick={() => setMoving(false)}>
                  Done
                </Button>
              )}
            </div>
          )}
          <RigForm
            rig={l.rig}
            set={l.setRig}
            hand={l.choice.means === 'HAND_LINE'}
            redirected={Boolean(l.choice.puller)}
          />
          {v.line && <Answer line={v.line} signal />}
        </>
      )}
      <section aria-label="Fallback">
        <h2>Fallback, when it does not move</h2>
        <Chips
          label=""
          value={f?.kind ?? 'NOTHING'}
          onChange={(k) =>
            l.setSupport({
              fallback:
                k === 'NOTHING'
                  ? undefined
                  : {
                      kind: k,
                      ropeHeightM: f?.ropeHeightM ?? l.choice.ropeHeightM,
                      anchorDistM: f?.anchorDistM ?? l.choice.anchorDistM,
                      pullN: f?.pullN,
                      rig: f?.rig ?? {},
                    },
            })
          }
          options={[
            { value: 'NOTHING' as const, words: 'none' },
            { value: 'HAND_LINE' as const, words: 'second line, hand' },
            { value: 'MACHINE_LINE' as const, words: 'second line, machine' },
          ]}
        />
        {f && (
          <div className="form">
            <LineForm
              name="Second "
              line={f}
              hand={f.kind === 'HAND_LINE'}
              set={(over) => l.setSupport({ fallback: { ...f, ...over } })}
              wrong={(field) => l.wrong(`fallback.${field}`)}
            />
            <RigForm
              rig={f.rig ?? {}}
              set={(over) => l.setSupport({ fallback: { ...f, rig: { ...(f.rig ?? {}), ...over } } })}
              hand={f.kind === 'HAND_LINE'}
              redirected={Boolean(f.puller)}
            />
          </div>
        )}
        {v.fallback && <Answer line={v.fallback} />}
      </section>
      <section aria-label="Side guy">
        <h2>
          Side guy{' '}
          <span>
            {v.hinge?.sidePercent !== undefined && `the side lean takes ${v.hinge.sidePercent} % of the hinge`}
          </span>
        </h2>
        {s.guyAnchor ? (
          <>
            <div className="form">
              <div className="two">
                <Stepper
                  label="Guy"
                  unit="m up"
                  value={s.guyHeightM ?? null}
                  onChange={(h) => l.setSupport({ guyHeightM: h ?? undefined })}
                  step={1}
                  digits={1}
                  wrong={l.wrong('guyHeightM')}
                />
              </div>
              <Chips
                label="Rope of the guy"
                value={s.guyRopeId ?? ''}
                onChange={(id) => l.setSupport({ guyRopeId: id || undefined })}
                options={[...ropes.map((r) => ({ value: r.id, words: r.name })), { value: '', words: 'not chosen' }]}
              />
            </div>
            {v.guy ? (
              <p>
                It gets <b className="n">{v.guy.tension}</b>, up, and takes <b className="n">{v.guy.takesPercent} %</b>{' '}
                of the side lean off the hinge, down. Its length changes by{' '}
                {v.guy.changes.map((c) => `${c.longer ? '+' : ''}${c.said.changeM} at ${c.deg}°`).join(', ')} of the
                fall.{v.guy.warnings.length > 0 && <b> {v.guy.warnings.join('; ')}.</b>}
              </p>
            ) : (
              <p className="refused">From there it cannot hold the side lean: a guy only pulls toward its anchor.</p>
            )}
            <Button
              type="text"
              className={css.linkApart}
              onClick={() => pick('Tap the anchor of the guy', (a) => l.setSupport({ guyAnchor: a }))}
            >
              Anchor it elsewhere
            </Button>
            <Button
              type="text"
              className={css.bare}
              onClick={() => l.setSupport({ guyAnchor: undefined, guyHeightM: undefined })}
            >
              No guy
            </Button>
          </>
        ) : (
          <Button
            type="text"
            className={css.link}
            onClick={() =>
              pick('Tap the anchor of the guy, on the side away from the lean, square to the lay', (a) =>
                l.setSupport({ guyAnchor: a, guyHeightM: s.guyHeightM ?? l.choice.ropeHeightM ?? 8 }),
              )
            }
          >
            Anchor a guy on the plan
          </Button>
        )}
      </section>
    </div>
  );
}

/** Tie, hauling system, kit from the house's list, anchor, pretension and when the pull begins. */
function RigForm({
  rig,
  set,
  hand,
  redirected,
}: {
  rig: RigChoice;
  set: (r: Partial<RigChoice>) => void;
  hand: boolean;
  redirected: boolean;
}) {
  const kit = useKit().data ?? [];
  const [open, setOpen] = useState(false);
  const of = (kind: string) => kit.filter((k) => k.kind === kind).map((k) => ({ value: k.id, words: k.name }));
  const named = (id?: string) => kit.find((k) => k.id === id)?.name;
  if (!open) {
    return (
      <p className="s">
        Kit: {named(rig.ropeId) ?? 'no rope chosen'}, {named(rig.slingId) ?? 'no sling chosen'}
        {redirected && `, ${named(rig.blockId) ?? 'no block chosen'}`}
        {(rig.parts ?? 1) > 1 && `, ${rig.parts}:1`}.{' '}
        <Button type="text" className={css.link} onClick={() => setOpen(true)}>
          Choose the kit
        </Button>
      </p>
    );
  }
  return (
    <div className="form" aria-label="Rigging">
      <Chips
        label="Rope"
        value={rig.ropeId ?? ''}
        onChange={(id) => set({ ropeId: id || undefined })}
        options={[...of('ROPE'), { value: '', words: 'not chosen' }]}
      />
      <Chips
        label="Sling at the anchor"
        value={rig.slingId ?? ''}
        onChange={(id) => set({ slingId: id || undefined })}
        options={[...of('SLING'), { value: '', words: 'not chosen' }]}
      />
      {redirected && (
        <Chips
          label="Block"
          value={rig.blockId ?? ''}
          onChange={(id) => set({ blockId: id || undefined })}
          options={[...of('BLOCK'), { value: '', words: 'not chosen' }]}
        />
      )}
      <Chips
        label="How it holds the stem"
        value={rig.tie ?? 'TIED'}
        onChange={(tie) => set({ tie })}
        options={[
          { value: 'TIED', words: 'tied' },
          { value: 'BASKET', words: 'doubled round it' },
          { value: 'ROUND_ALL', words: 'round every stem' },
        ]}
      />
      {rig.tie === 'BASKET' && (
        <div className="two">
          <Stepper
            label="Angle of the legs"
            unit="°"
            value={rig.legAngleDeg ?? 0}
            onChange={(d) => d !== null && set({ legAngleDeg: d })}
            step={10}
            digits={0}
          />
        </div>
      )}
      <Chips
        label="Hauling system"
        value={rig.parts ?? 1}
        onChange={(parts) => set({ parts })}
        options={[1, 2, 3, 4, 5].map((n) => ({ value: n, words: n === 1 ? 'straight' : `${n}:1` }))}
      />
      {(rig.parts ?? 1) > 1 && (
        <Chips
          label="At each turn"
          value={rig.partEfficiency ?? 0.9}
          onChange={(partEfficiency) => set({ partEfficiency })}
          options={[
            { value: 0.9, words: 'block, 0.9' },
            { value: 0.65, words: 'carabiner, 0.65' },
            { value: 0.5, words: 'rope on rope (truckers’ hitch), 0.5' },
          ]}
        />
      )}
      {hand && (
        <Chips
          label="People at it"
          value={rig.people ?? 4}
          onChange={(people) => set({ people })}
          options={[1, 2, 3, 4].map((n) => ({ value: n, words: String(n) }))}
        />
      )}
      <div className="two">
        <Stepper
          label="Anchor tree"
          unit="m thick"
          value={rig.anchorDiameterM ?? null}
          onChange={(d) =>
            set({ anchorDiameterM: d ?? undefined, anchorSlingM: d === null ? undefined : (rig.anchorSlingM ?? 0.3) })
          }
          step={0.05}
        />
        {rig.anchorDiameterM !== undefined && (
          <Stepper
            label="Its sling"
            unit="m up"
            value={rig.anchorSlingM ?? 0.3}
            onChange={(h) => h !== null && set({ anchorSlingM: h })}
            step={0.1}
            digits={1}
          />
        )}
        <Stepper
          label="Pretension"
          unit="kN"
          value={rig.pretensionN === undefined ? null : rig.pretensionN / 1000}
          onChange={(p) => set({ pretensionN: p === null ? undefined : p * 1000 })}
          step={0.5}
          digits={1}
        />
      </div>
      <Chips
        label="The pull begins"
        value={rig.when ?? 'STRAP_RELEASED'}
        onChange={(when) => set({ when })}
        options={[
          { value: 'STRAP_RELEASED', words: 'strap parted, cutter away' },
          { value: 'KERF_OPENS', words: 'kerf opens' },
        ]}
      />
      <Button type="text" className={css.link} onClick={() => setOpen(false)}>
        Done
      </Button>
    </div>
  );
}

function Answer({ line, signal = false }: { line: NonNullable<CutView['line']>; signal?: boolean }) {
  return (
    <>
      <h2>
        <b className={css.inlineRow}>
          <Mark kind={line.enough ? 'ready' : 'STOP'} />
          {line.enough ? 'Enough' : 'Not enough'}
        </b>{' '}
        <span>{line.kind}, half as much again counted</span>
      </h2>
      <div className={css.halves}>
        <Gauge of={line.still} words="still air, up / what pull and rope give, down" />
        <Gauge of={line.now} words={`wind against it as it is now, ${line.said.nowMs}`} />
      </div>
      <p className="s">
        Wind against it at {line.gust}, where work stops: <b className="n">{line.atLimit.words}</b>
        {line.atLimit.over ? '; stop at less wind, the Lay says at which gust' : ''}.
      </p>
      <ul className="checks" aria-label="Kit checks">
        {line.checks.map((c) => (
          <li key={c.key}>
            <Mark kind={c.ok === undefined || c.lookAgain ? 'CAUTION' : c.ok ? 'ready' : 'STOP'} size={18} />
            <span>
              {c.words}
              {c.ok === undefined ? '; not checked' : ''}
            </span>
          </li>
        ))}
      </ul>
      <p>
        The line rises at <b className="n">{line.said.angleDeg}</b>, its arm is <b className="n">{line.said.armM}</b>.
        It must travel <b className="n">{line.said.travelTieM}</b> at the tie,{' '}
        <b className="n">{line.said.travelHaulM}</b> at the hauling end, up.
        {line.people !== undefined && (
          <>
            {' '}
            It takes <b className="n">{line.people}</b> people straight.
          </>
        )}
        {line.sideDeg !== 0 && (
          <>
            {' '}
            Off the lay it pulls like a side lean of {line.said.sideDeg} to the {line.sideDeg > 0 ? 'right' : 'left'}.
          </>
        )}
      </p>
      {signal && (
        <p>
          Pretension <b className="n">{line.pretension}</b>: tested by eye, the tips move a little and the line is
          straight; once the kerf is open it opens a hair. No tell, no go.
        </p>
      )}
      <p className="s">
        Whoever pulls by hand stands {line.said.personDistM} away or round a block; nobody beside the line, none in its
        bight. The ground’s fall to the anchor is counted. Shock is not covered: no jerking.
      </p>
      {signal && (
        <ul className="checks" aria-label="Signal">
          {line.signal.map((w) => (
            <li key={w}>
              <span>{w}.</span>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
