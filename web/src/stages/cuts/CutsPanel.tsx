import css from '../../ui/layout.module.css';
import { Button } from 'antd';
import { useState } from 'react';
import { api } from '../../api/client';
import { useAct, useFindings, useJob, useStems } from '../../api/job';
import type { PanelProps } from '../stage';
import { Tabs } from '../../app/Stepper';
import { Mark } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';
import { azimuth } from '../../units/format';
import { useUnits } from '../../units/useUnits';
import { useTerms } from '../../words/words';
import { CardTab } from './CardTab';
import { LineTab } from './LineTab';
import { MeasuresTab } from './MeasuresTab';
import { StuckTab } from './StuckTab';
import { TypesTab } from './TypesTab';
import { useCuts, type CutView } from './useCuts';
import { WedgesTab } from './WedgesTab';
import { msg } from './words';
import { Waiting } from '../../ui/Waiting';

type Part = 'card' | 'measures' | 'types' | 'wedges' | 'line' | 'stuck';

/** Stage 4: exactly what to cut, in which order, what would go wrong, and whether the help is enough. */
export default function CutsPanel({ job, go }: PanelProps) {
  const tools = usePlanTools();
  const act = useAct(job, tools.say);
  const leader = useJob(job).data?.myPart === 'LEADER';
  const stems = useStems(job).data ?? [];
  const findings = useFindings(job).data ?? [];
  const [part, setPart] = useState<Part>('card');
  const l = useCuts(job);
  const term = useTerms();
  const inches = useUnits() === 'feet';
  const v = l.view;
  const save = async () => {
    if (!l.stem) return;
    const sent = l.choice;
    if (
      await act(
        api.PUT('/api/jobs/{job}/stems/{stem}/lay', {
          params: { path: { job, stem: l.stem.id } },
          body: {
            choice: sent,
            fixed: l.saved?.fixed ?? false,
            dropZone: l.saved?.dropZone ?? [],
            version: l.saved?.version,
          },
        }),
      )
    )
      l.sent(sent);
  };
  // a card is not saved onto another lay than the one whose drop zone is fixed
  const turned = l.saved !== undefined && l.choice.layDeg !== l.saved.choice.layDeg;
  const mine = findings.filter((f) => f.stage === 'CUTS' && f.subject === v?.card.stem);
  const open = mine.filter((f) => f.open && f.severity !== 'NOTE');
  const said = (key: CutView['card']['measures'][number]['key']) => {
    const m = v?.card.measures.find((x) => x.key === key);
    const text = m?.shown.words ?? '';
    const cut = text.lastIndexOf(' ');
    return (
      <>
        <span className="fig">
          {text.slice(0, cut)}
          <i>
            {text.slice(cut + 1)}
            {key === 'HINGE_LEFT' || key === 'HINGE_RIGHT' ? (inches ? ' ±1/4' : ' ±5') : ''}
          </i>
        </span>
      </>
    );
  };
  return (
    <>
      <div className="body">
        <div className="chips" role="group" aria-label={msg('stems')}>
          {stems
            .filter((s) => !s.toBeKept)
            .map((s) => (
              <Button
                type={s.id === tools.stem ? 'primary' : 'default'}
                key={s.id}
                aria-pressed={s.id === tools.stem}
                onClick={() => tools.selectStem(s.id)}
              >
                {s.label}
              </Button>
            ))}
        </div>
        {l.waiting && <Waiting />}
        {l.stem?.notFelled && (
          <div className="refused">
            {msg('notFelled', { why: l.stem.notFelled, stem: l.stem.label })}
            <br />
            <Button type="text" className={css.link} onClick={() => go('tangle')}>
              {msg('toHungFallen', { stem: l.stem.label })}
            </Button>
          </div>
        )}
        {!v && !l.waiting && !l.stem?.notFelled && (
          <p className="empty">
            {l.stem?.notKnown.length
              ? msg('notKnownTheCut', { stemLabel: l.stem.label, notKnown: l.stem.notKnown.join(', ') })
              : msg('chooseAStemThat')}
          </p>
        )}
        {v && (
          <>
            <h1>
              {msg('cutCardWithStem', { stem: v.card.stem })}{' '}
              <small>
                {msg('barWithTerm', {
                  term: term('School', v.card.school),
                  barM: v.card.said.barM,
                  term2: term('CutCard.BarReach', v.card.barReach),
                })}
              </small>
            </h1>
            {l.lay?.zones.some((z) => z.kind === 'PLATE') && <p className="refused">{msg('rootPlateNotCovered')}</p>}
            {!v.controlProven && (
              <p className="refused">{msg('controlNotProven', { controlReasons: v.controlReasons.join('; ') })}</p>
            )}
            {l.faults.length > 0 && (
              <p className="refused" role="alert" aria-label={msg('refused')}>
                {msg('theCardBelowIs', { faults: l.faults.map((f) => f.message).join('; ') })}
              </p>
            )}
            <div className="figs" aria-label={msg('hinge')}>
              <div>
                {said('HINGE_LEFT')}
                <small>{msg('up', { term: term('Measure.Key', 'HINGE_LEFT') })}</small>
              </div>
              <div>
                {said('HINGE_RIGHT')}
                <small>{msg('up', { term: term('Measure.Key', 'HINGE_RIGHT') })}</small>
              </div>
              <div>
                {said('HINGE_LENGTH')}
                <small>{msg('down', { term: term('Measure.Key', 'HINGE_LENGTH') })}</small>
              </div>
            </div>
            <Tabs
              label={msg('partsOfTheCut')}
              value={part}
              onChange={setPart}
              tabs={[
                { value: 'card', words: msg('card') },
                { value: 'measures', words: msg('measures'), mark: l.faults.length > 0 },
                { value: 'types', words: msg('types') },
                { value: 'wedges', words: msg('wedgesTitle') },
                { value: 'line', words: msg('line'), mark: v.refused.length > 0 || v.line?.enough === false },
                { value: 'stuck', words: msg('stuck') },
              ]}
            />
            {part === 'card' && open.length > 0 && (
              <ul className="checks" aria-label={msg('openOnThisCard')}>
                {open.slice(0, 3).map((f) => (
                  <li key={f.key}>
                    <Mark kind={f.severity} size={18} />
                    <span>{f.words}</span>
                  </li>
                ))}
                {open.length > 3 && (
                  <li>
                    <span className="s">{msg('andMoreInThe', { openCount: open.length - 3 })}</span>
                  </li>
                )}
              </ul>
            )}
            {part === 'card' && <CardTab job={job} l={l} v={v} leader={leader} />}
            {part === 'measures' && <MeasuresTab l={l} v={v} />}
            {part === 'types' && <TypesTab l={l} v={v} />}
            {part === 'wedges' && <WedgesTab l={l} v={v} />}
            {part === 'line' && <LineTab l={l} v={v} />}
            {part === 'stuck' && <StuckTab job={job} l={l} />}
          </>
        )}
      </div>
      {l.changed && turned ? (
        <Button type="primary" className="next" onClick={() => go('lay')}>
          <span>
            {msg('firstFixTheLay', { layDeg: azimuth(l.choice.layDeg) })}
            <small>{msg('theseCutsAreFor')}</small>
          </span>
          →
        </Button>
      ) : l.changed && leader ? (
        <Button type="primary" className="next" disabled={l.faults.length > 0} onClick={() => void save()}>
          <span>
            {msg('saveThisCutCard')}
            <small>
              {l.faults.length > 0
                ? msg('mendWhatIsRefused')
                : l.saved?.fixed
                  ? msg('theCrewIsBriefed')
                  : v && term('School', v.card.school)}
            </small>
          </span>
          →
        </Button>
      ) : (
        <Button type="primary" className="next" onClick={() => go('tangle')}>
          <span>
            {msg('nextWhatHangsAnd')}
            <small>
              {open.length > 0
                ? msg('openOnThisCardWithOpenCount', { openCount: open.length })
                : msg('beforeAnyoneGoesNear')}
            </small>
          </span>
          →
        </Button>
      )}
    </>
  );
}
