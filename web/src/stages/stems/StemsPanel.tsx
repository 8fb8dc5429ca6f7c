import css from '../../ui/layout.module.css';
import { useNavigate } from 'react-router';
import { Button, Select } from 'antd';
import { useEffect, useState } from 'react';
import { useFindings, useJob, useStems } from '../../api/job';
import type { PanelProps } from '../stage';
import { usePanelKey } from '../../app/keys';
import { Tabs } from '../../app/Stepper';
import { usePlanTools } from '../../plan/planTools';
import { CompareTab } from './CompareTab';
import { FaultsTab } from './FaultsTab';
import { MeasureTab } from './MeasureTab';
import { ReadTab } from './ReadTab';
import { inPieces } from '../../takedown/inPieces';
import { VerdictTab } from './VerdictTab';
import { WoodTab } from './WoodTab';
import { isDefect } from './isDefect';
import { msg } from './words';

export type Tab = 'read' | 'measure' | 'faults' | 'wood' | 'verdict' | 'all';
/** More stems than this are chosen from a list, not from a row of buttons. */
const MOST_BUTTONS = 14;

/** Stage 2: what each stem is, measured or by eye, its defects and what they change, and whether it can be done at all. */
export default function StemsPanel({ job, go }: PanelProps) {
  const tools = usePlanTools();
  const info = useJob(job).data;
  const stems = useStems(job).data ?? [];
  const findings = useFindings(job).data ?? [];
  const [tab, setTab] = useState<Tab>('read');
  const navigate = useNavigate();
  const [defect, setDefect] = useState<{ fromM: number; faceDeg: number }>();
  const stem = stems.find((s) => s.id === tools.stem);
  const begin = (at: { fromM: number; faceDeg: number }) => {
    setDefect(at);
    setTab('faults');
  };
  usePanelKey(['d'], () => begin({ fromM: 1, faceDeg: 0 }));
  useEffect(() => {
    const tapped = (e: Event) => begin((e as CustomEvent<{ fromM: number; faceDeg: number }>).detail);
    window.addEventListener('antevid-defect', tapped);
    return () => window.removeEventListener('antevid-defect', tapped);
  }, []);
  useEffect(() => setDefect(undefined), [tools.stem]);
  const leader = info?.myPart === 'LEADER';
  // the plan of this stage is small beside the figure: the tree's own page asks where it stands
  const add = () => void navigate(`/jobs/${job}/trees/new`);
  const own = findings.filter((f) => f.stage === 'STEMS' && f.about === 'STEM' && f.subject === stem?.label && f.open);
  return (
    <>
      <div className={`body ${css.roomAbove}`}>
        {stems.length <= MOST_BUTTONS ? (
          <div className="chips" role="group" aria-label={msg('stems')}>
            {stems.map((s) => (
              <Button
                type={s.id === tools.stem ? 'primary' : 'default'}
                key={s.id}
                aria-pressed={s.id === tools.stem}
                onClick={() => tools.selectStem(s.id)}
              >
                {s.label}
              </Button>
            ))}
            {leader && (
              <Button onClick={add} aria-label={msg('newStem')}>
                +
              </Button>
            )}
          </div>
        ) : (
          <div className={css.choiceAndAdd}>
            <Select
              aria-label={msg('stem')}
              showSearch
              optionFilterProp="label"
              value={tools.stem}
              onChange={tools.selectStem}
              options={stems.map((s) => ({
                value: s.id,
                label: `${s.label} ${s.commonName}${s.toBeKept ? msg('keep') : ''}`,
              }))}
            />
            {leader && (
              <Button onClick={add} aria-label={msg('newStem')}>
                +
              </Button>
            )}
          </div>
        )}
        {!stem && <p className="empty">{msg('noStemYetTap')}</p>}
        {stem && (
          <>
            <h1>
              {stem.label} {stem.commonName}{' '}
              <small>
                {stem.stateWords}
                {stem.toBeKept ? msg('toBeKeptElse') : ''}
                {stem.unionWith.length > 0 ? msg('oneWith', { unionWith: stem.unionWith.join(', ') }) : ''}
              </small>
            </h1>
            <Tabs
              label={msg('partsOfTheStem')}
              value={tab}
              onChange={setTab}
              tabs={[
                {
                  value: 'read',
                  words: msg('read'),
                  mark: stem.contradictions.length > 0 || stem.sightings.some((s) => !s.accepted && !s.doesNotCount),
                },
                { value: 'measure', words: msg('measure') },
                {
                  value: 'faults',
                  words: msg('faults'),
                  mark: own.some((f) => isDefect(f) && f.severity !== 'NOTE'),
                },
                { value: 'wood', words: msg('wood') },
                { value: 'verdict', words: msg('verdict'), mark: own.some((f) => f.rule === 'VERDICT_EXCLUDED') },
                { value: 'all', words: msg('all') },
              ]}
            />
            {tab === 'read' && (
              <ReadTab
                job={job}
                stem={stem}
                leader={leader}
                look={() => void navigate(`/jobs/${job}/trees/${stem.id}`)}
              />
            )}
            {tab === 'measure' && <MeasureTab key={stem.id} job={job} stem={stem} />}
            {tab === 'faults' && (
              <FaultsTab key={stem.id} job={job} stem={stem} leader={leader} at={defect} begin={setDefect} />
            )}
            {tab === 'wood' && <WoodTab key={stem.version} job={job} stem={stem} leader={leader} />}
            {tab === 'verdict' && <VerdictTab key={stem.id} job={job} stem={stem} leader={leader} />}
            {tab === 'all' && (
              <CompareTab
                job={job}
                stems={stems}
                choose={(id) => {
                  tools.selectStem(id);
                  setTab('read');
                }}
              />
            )}
          </>
        )}
      </div>
      <Button
        type="primary"
        className="next"
        disabled={!stem || stem.toBeKept || (!stem.notFelled && stem.notKnown.length > 0)}
        onClick={() => go(stem?.notFelled || inPieces(stem) ? 'tangle' : 'lay')}
      >
        <span>
          {stem?.toBeKept
            ? msg('isToBeKept', { stemLabel: stem.label })
            : stem?.notFelled
              ? msg('nextHungFallen', { stemLabel: stem.label })
              : inPieces(stem)
                ? msg('nextTakeDown', { stemLabel: stem?.label ?? '' })
                : msg('nextChooseTheLay', { stemLabel: stem?.label ?? '' })}
          <small>
            {stem?.notFelled
              ? msg('notFelled', { why: stem.notFelled })
              : stem?.notKnown.length
                ? msg('firstWithNotKnown', { notKnown: stem.notKnown.join(', ') })
                : inPieces(stem)
                  ? msg('cutOnTheFigure')
                  : msg('whereItFallsWhat')}
          </small>
        </span>
        →
      </Button>
    </>
  );
}
