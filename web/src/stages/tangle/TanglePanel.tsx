import css from '../../ui/layout.module.css';
import { gone } from '../../app/gone';
import { Button } from 'antd';
import { lazy, Suspense, useState } from 'react';
import { inPieces } from '../../takedown/inPieces';
import { later } from '../../app/later';
import { useFeatures, useFindings, useJob, useStems, useTangle } from '../../api/job';
import type { PanelProps } from '../stage';
import { Tabs } from '../../app/Stepper';
import { Mark } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';
import { Waiting } from '../../ui/Waiting';
import { CutTab } from './CutTab';
import { LeaveTab } from './LeaveTab';
import { Limbs } from './Limbs';
import { OrderTab } from './OrderTab';
import { PictureTab } from './PictureTab';
import { Tilted } from './PlateBack';
import { PlateTab } from './PlateTab';
import tangle from './tangle.module.css';
import { msg } from './words';

const TakeDownTab = lazy(() => later(() => import('../../takedown/TakeDownTab')));

type Part = 'picture' | 'cut' | 'order' | 'plate' | 'leave' | 'takeDown';

/** Stage 5: what rests on what, what comes loose first, where nobody goes, who guards it. */
export default function TanglePanel({ job, go }: PanelProps) {
  const tools = usePlanTools();
  const leader = useJob(job).data?.myPart === 'LEADER';
  const known = useStems(job).data ?? [];
  const features = useFeatures(job).data ?? [];
  const t = useTangle(job).data;
  const findings = useFindings(job).data ?? [];
  const [opened, setPart] = useState<Part>();
  const part = opened ?? (inPieces(known.find((s) => s.id === tools.stem)) ? 'takeDown' : 'picture');
  const [slot, setSlot] = useState<HTMLDivElement | null>(null);
  if (!t) return <Waiting className="body" />;
  const stem = t.stems.find((s) => s.stemId === tools.stem) ?? t.stems.find((s) => s.turn === 1) ?? t.stems[0];
  /** Chosen and felled: there is nothing to disentangle, its limbs are left. */
  const down = known.find((s) => s.id === tools.stem && s.state === 'FELLED');
  const lies = down ?? known.find((s) => s.id === stem?.stemId && s.state === 'LYING');
  const stems = known.filter((s) => !gone(s)).map((s) => ({ value: s.label, label: `${s.label} ${s.commonName}` }));
  const lifted = known.filter((s) => s.state === 'STANDING' && s.heave !== undefined);
  const tornFrom = known.filter((s) => !gone(s)).map((s) => ({ value: s.id, label: `${s.label} ${s.commonName}` }));
  const others = [...stems, ...features.map((f) => ({ value: f.id, label: f.entry.name }))];
  return (
    <>
      <div className="body">
        <h1 className="stage">
          {msg('hungFallen')} <small>{msg('toTake', { count: t.stems.length })}</small>
        </h1>
        <Tabs<Part>
          label={msg('partsOfTangle')}
          tabs={[
            { value: 'picture', words: msg('picture') },
            { value: 'cut', words: msg('cut') },
            { value: 'order', words: msg('order') },
            { value: 'plate', words: msg('plateTab') },
            { value: 'leave', words: msg('leave') },
            { value: 'takeDown', words: msg('takeDown') },
          ]}
          value={part}
          onChange={setPart}
        />
        {part === 'picture' && (
          <PictureTab
            key={stem?.stemId}
            job={job}
            t={t}
            stem={stem}
            leader={leader}
            stems={stems}
            others={others}
            tornFrom={tornFrom}
          />
        )}
        {part === 'cut' &&
          (down ? null : stem ? (
            <CutTab key={stem.stemId} job={job} stem={stem} leader={leader} />
          ) : (
            <p className="empty">{msg('nothingRecordedHungUp')}</p>
          ))}
        {part === 'cut' && lies && (
          <Limbs key={`limbs ${lies.id}`} job={job} stemId={lies.id} label={lies.label} leader={leader} />
        )}
        {part === 'plate' && (
          <>
            {stem ? (
              <PlateTab key={stem.stemId} job={job} stem={stem} />
            ) : (
              <p className="empty">{msg('nothingRecordedHungUp')}</p>
            )}
            {lifted.map((s) => (
              <Tilted key={s.id} job={job} stem={s} />
            ))}
          </>
        )}
        {part === 'order' && <OrderTab job={job} t={t} leader={leader} />}
        {part === 'takeDown' && (
          <Suspense fallback={<Waiting />}>
            <TakeDownTab job={job} leader={leader} slot={slot} go={go} />
          </Suspense>
        )}
        {part === 'leave' && <LeaveTab job={job} t={t} leader={leader} />}
        {findings
          .filter((f) => f.stage === 'TANGLE')
          .map((f) => (
            <p key={f.key} data-severity={f.severity} className={css.openPoint}>
              <Mark kind={f.open ? f.severity : 'ready'} />{' '}
              <span>
                {f.words}
                {f.cleared && (
                  <small>
                    <br />
                    {f.cleared}
                  </small>
                )}
              </span>
            </p>
          ))}
      </div>
      {part === 'takeDown' ? (
        <div ref={setSlot} className={tangle.slot} />
      ) : (
        <Button type="primary" className="next" onClick={() => (part === 'order' ? go('crew') : setPart('order'))}>
          <span>
            {part === 'order' ? msg('nextWhoDoesWhat') : msg('nextTheOrder')}
            <small>{part === 'order' ? msg('stepsRolesWherePeople') : msg('whatComesLooseFirst')}</small>
          </span>
          →
        </Button>
      )}
    </>
  );
}
