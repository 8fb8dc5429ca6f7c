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
import { msg } from './words';

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
    <div aria-label={msg('line')}>
      <Chips
        label={msg('whatBringsItOver')}
        value={l.choice.means}
        onChange={(means) => l.set({ means })}
        options={[
          { value: 'NOTHING', words: msg('ownLean') },
          { value: 'LEVER', words: msg('lever') },
          { value: 'WEDGES', words: msg('wedges') },
          { value: 'HAND_LINE', words: msg('handLine') },
          { value: 'MACHINE_LINE', words: msg('machine') },
        ]}
      />
      {v.need && (
        <p className="s">
          {v.need.backM > 0 ? (
            <>
              {msg('itsWeightSitsUp')} <b className="n">{v.need.said.backM}</b> {msg('behindTheHinge95')}{' '}
              <b className="n">{v.need.said.meansM ?? msg('notKnown')}</b> {msg('overTheHingeCounted')}
            </>
          ) : (
            msg('itLeansToThe')
          )}{' '}
          {msg('windAtTheLimit', { windM: v.need.said.windM })}
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
                gives={v.line.available ?? msg('notKnown')}
              />{' '}
              <Button type="text" className={css.link} onClick={() => setMoving(true)}>
                {msg('moveTheLine')}
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
                  {msg('done')}
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
      <section aria-label={msg('fallback')}>
        <h2>{msg('fallbackWhenItDoes')}</h2>
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
            { value: 'NOTHING' as const, words: msg('none') },
            { value: 'HAND_LINE' as const, words: msg('secondLineHand') },
            { value: 'MACHINE_LINE' as const, words: msg('secondLineMachine') },
          ]}
        />
        {f && (
          <div className="form">
            <LineForm
              second
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
      <section aria-label={msg('sideGuy')}>
        <h2>
          {msg('sideGuy')}{' '}
          <span>
            {v.hinge?.sidePercent !== undefined && msg('theSideLeanTakes', { sidePercent: v.hinge.sidePercent })}
          </span>
        </h2>
        {s.guyAnchor ? (
          <>
            <div className="form">
              <div className="two">
                <Stepper
                  label={msg('guy')}
                  unit="m"
                  way={msg('upward')}
                  value={s.guyHeightM ?? null}
                  onChange={(h) => l.setSupport({ guyHeightM: h ?? undefined })}
                  step={1}
                  digits={1}
                  wrong={l.wrong('guyHeightM')}
                />
              </div>
              <Chips
                label={msg('ropeOfTheGuy')}
                value={s.guyRopeId ?? ''}
                onChange={(id) => l.setSupport({ guyRopeId: id || undefined })}
                options={[
                  ...ropes.map((r) => ({ value: r.id, words: r.name })),
                  { value: '', words: msg('notChosen') },
                ]}
              />
            </div>
            {v.guy ? (
              <p>
                {msg('itGets')} <b className="n">{v.guy.tension}</b>
                {msg('upAndTakes')} <b className="n">{v.guy.takesPercent} %</b>{' '}
                {msg('ofTheSideLean', {
                  changes: v.guy.changes
                    .map((c) => msg('atDegrees', { longer: c.longer ? '+' : '', changeM: c.said.changeM, deg: c.deg }))
                    .join(', '),
                })}
                {v.guy.warnings.length > 0 && <b> {v.guy.warnings.join('; ')}.</b>}
              </p>
            ) : (
              <p className="refused">{msg('fromThereItCannot')}</p>
            )}
            <Button
              type="text"
              className={css.linkApart}
              onClick={() => pick(msg('tapTheAnchorOf'), (a) => l.setSupport({ guyAnchor: a }))}
            >
              {msg('anchorItElsewhere')}
            </Button>
            <Button
              type="text"
              className={css.bare}
              onClick={() => l.setSupport({ guyAnchor: undefined, guyHeightM: undefined })}
            >
              {msg('noGuy')}
            </Button>
          </>
        ) : (
          <Button
            type="text"
            className={css.link}
            onClick={() =>
              pick(msg('tapTheAnchorOfThe'), (a) =>
                l.setSupport({ guyAnchor: a, guyHeightM: s.guyHeightM ?? l.choice.ropeHeightM ?? 8 }),
              )
            }
          >
            {msg('anchorAGuyOn')}
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
        {msg('kit', {
          ropeId: named(rig.ropeId) ?? msg('noRopeChosen'),
          slingId: named(rig.slingId) ?? msg('noSlingChosen'),
        })}
        {redirected && `, ${named(rig.blockId) ?? msg('noBlockChosen')}`}
        {(rig.parts ?? 1) > 1 && `, ${rig.parts}:1`}.{' '}
        <Button type="text" className={css.link} onClick={() => setOpen(true)}>
          {msg('chooseTheKit')}
        </Button>
      </p>
    );
  }
  return (
    <div className="form" aria-label={msg('rigging')}>
      <Chips
        label={msg('rope')}
        value={rig.ropeId ?? ''}
        onChange={(id) => set({ ropeId: id || undefined })}
        options={[...of('ROPE'), { value: '', words: msg('notChosen') }]}
      />
      <Chips
        label={msg('slingAtTheAnchor')}
        value={rig.slingId ?? ''}
        onChange={(id) => set({ slingId: id || undefined })}
        options={[...of('SLING'), { value: '', words: msg('notChosen') }]}
      />
      {redirected && (
        <Chips
          label={msg('block')}
          value={rig.blockId ?? ''}
          onChange={(id) => set({ blockId: id || undefined })}
          options={[...of('BLOCK'), { value: '', words: msg('notChosen') }]}
        />
      )}
      <Chips
        label={msg('howItHoldsThe')}
        value={rig.tie ?? 'TIED'}
        onChange={(tie) => set({ tie })}
        options={[
          { value: 'TIED', words: msg('tied') },
          { value: 'BASKET', words: msg('doubledRoundIt') },
          { value: 'ROUND_ALL', words: msg('roundEveryStem') },
        ]}
      />
      {rig.tie === 'BASKET' && (
        <div className="two">
          <Stepper
            label={msg('angleOfTheLegs')}
            unit="°"
            value={rig.legAngleDeg ?? 0}
            onChange={(d) => d !== null && set({ legAngleDeg: d })}
            step={10}
            digits={0}
          />
        </div>
      )}
      <Chips
        label={msg('haulingSystem')}
        value={rig.parts ?? 1}
        onChange={(parts) => set({ parts })}
        options={[1, 2, 3, 4, 5].map((n) => ({ value: n, words: n === 1 ? msg('straight') : `${n}:1` }))}
      />
      {(rig.parts ?? 1) > 1 && (
        <Chips
          label={msg('atEachTurn')}
          value={rig.partEfficiency ?? 0.9}
          onChange={(partEfficiency) => set({ partEfficiency })}
          options={[
            { value: 0.9, words: msg('block09') },
            { value: 0.65, words: msg('carabiner065') },
            { value: 0.5, words: msg('ropeOnRopeTruckers') },
          ]}
        />
      )}
      {hand && (
        <Chips
          label={msg('peopleAtIt')}
          value={rig.people ?? 4}
          onChange={(people) => set({ people })}
          options={[1, 2, 3, 4].map((n) => ({ value: n, words: String(n) }))}
        />
      )}
      <div className="two">
        <Stepper
          label={msg('anchorTree')}
          unit="m"
          way={msg('thick')}
          value={rig.anchorDiameterM ?? null}
          onChange={(d) =>
            set({ anchorDiameterM: d ?? undefined, anchorSlingM: d === null ? undefined : (rig.anchorSlingM ?? 0.3) })
          }
          step={0.05}
        />
        {rig.anchorDiameterM !== undefined && (
          <Stepper
            label={msg('itsSling')}
            unit="m"
            way={msg('upward')}
            value={rig.anchorSlingM ?? 0.3}
            onChange={(h) => h !== null && set({ anchorSlingM: h })}
            step={0.1}
            digits={1}
          />
        )}
        <Stepper
          label={msg('pretension')}
          unit="kN"
          value={rig.pretensionN === undefined ? null : rig.pretensionN / 1000}
          onChange={(p) => set({ pretensionN: p === null ? undefined : p * 1000 })}
          step={0.5}
          digits={1}
        />
      </div>
      <Chips
        label={msg('thePullBegins')}
        value={rig.when ?? 'STRAP_RELEASED'}
        onChange={(when) => set({ when })}
        options={[
          { value: 'STRAP_RELEASED', words: msg('strapPartedCutterAway') },
          { value: 'KERF_OPENS', words: msg('kerfOpens') },
        ]}
      />
      <Button type="text" className={css.link} onClick={() => setOpen(false)}>
        {msg('done')}
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
          {line.enough ? msg('enough') : msg('notEnough')}
        </b>{' '}
        <span>{msg('halfAsMuchAgain', { kind: line.kind })}</span>
      </h2>
      <div className={css.halves}>
        <Gauge of={line.still} words={msg('stillAirUpWhat')} />
        <Gauge of={line.now} words={msg('windAgainstItAs', { nowMs: line.said.nowMs })} />
      </div>
      <p className="s">
        {msg('windAgainstItAt', { gust: line.gust })} <b className="n">{line.atLimit.words}</b>
        {line.atLimit.over ? msg('stopAtLessWind') : ''}.
      </p>
      <ul className="checks" aria-label={msg('kitChecks')}>
        {line.checks.map((c) => (
          <li key={c.key}>
            <Mark kind={c.ok === undefined || c.lookAgain ? 'CAUTION' : c.ok ? 'ready' : 'STOP'} size={18} />
            <span>
              {c.words}
              {c.ok === undefined ? msg('notChecked') : ''}
            </span>
          </li>
        ))}
      </ul>
      <p>
        {msg('theLineRisesAt')} <b className="n">{line.said.angleDeg}</b>
        {msg('itsArmIs')} <b className="n">{line.said.armM}</b>
        {msg('itMustTravel')} <b className="n">{line.said.travelTieM}</b> {msg('atTheTie')}{' '}
        <b className="n">{line.said.travelHaulM}</b> {msg('atTheHaulingEnd')}
        {line.people !== undefined && (
          <>
            {' '}
            {msg('itTakes')} <b className="n">{line.people}</b> {msg('peopleStraight')}
          </>
        )}
        {line.sideDeg !== 0 && (
          <> {msg('offTheLayIt', { sideDeg: line.said.sideDeg, sideDeg2: line.sideDeg > 0 ? 'yes' : 'no' })}</>
        )}
      </p>
      {signal && (
        <p>
          {msg('pretension')} <b className="n">{line.pretension}</b>
          {msg('testedByEyeThe')}
        </p>
      )}
      <p className="s">{msg('whoeverPullsByHand', { personDistM: line.said.personDistM })}</p>
      {signal && (
        <ul className="checks" aria-label={msg('signal')}>
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
