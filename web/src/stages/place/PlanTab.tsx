import css from '../../ui/layout.module.css';
import { Button } from 'antd';
import { useEffect, useState } from 'react';
import type { Schemas, Spot } from '../../api/client';
import { useAct, useFeatures } from '../../api/job';
import { usePanelKey } from '../../app/keys';
import { Mark } from '../../figures/Mark';
import { type Form, usePlanTools } from '../../plan/planTools';
import { FeatureForm } from './FeatureForm';
import { addFeature, changeFeature, removeFeature } from './history';
import { Ranging } from './Ranging';
import { length } from '../../units/length';
import { msg } from './words';
import { term } from '../../words/terms';

export const NEW_FEATURE: Schemas['PlacesEntry'] = {
  name: '',
  kind: 'OTHER',
  form: 'POINT',
  outline: [],
  radiusM: 0.5,
  worth: 2,
  mayBeHit: false,
  agreedBy: '',
  protection: 'NONE',
  protectedBy: '',
  protectionDone: false,
  takenHow: '',
  more: { inside: '', occupied: '', agreedOn: '' },
};

/** What is on the plan, and how something new gets there. */
export function PlanTab({ job, leader }: { job: string; leader: boolean }) {
  const tools = usePlanTools();
  const { say, feature, selectFeature } = tools;
  const features = useFeatures(job).data ?? [];
  const act = useAct(job, say);
  const [draft, setDraft] = useState<Schemas['PlacesEntry']>();
  usePanelKey(['t'], () => setDraft(NEW_FEATURE));
  useEffect(() => {
    const drawn = (e: Event) => {
      const { form, outline } = (e as CustomEvent<{ form: Form; outline: Spot[] }>).detail;
      setDraft((d) => ({
        ...(d ?? NEW_FEATURE),
        form,
        outline,
        radiusM: form === 'POINT' ? 0.5 : 0,
        takenHow: form === 'POINT' ? 'tapped' : 'drawn',
      }));
    };
    window.addEventListener('antevid-drawn', drawn);
    return () => window.removeEventListener('antevid-drawn', drawn);
  }, []);
  const { setGhosts } = tools;
  const shown = draft && JSON.stringify([draft.form, draft.outline, draft.name]);
  useEffect(() => {
    setGhosts(
      draft && draft.outline.length > 0
        ? [
            {
              at: middle(draft.outline),
              label: draft.name || msg('newInline'),
              form: draft.form,
              outline: draft.outline,
            },
          ]
        : [],
    );
    return () => setGhosts([]);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what is shown stands for the draft
  }, [shown, setGhosts]);
  const targets = features.filter((f) => f.entry.worth > 0);
  const others = features.filter((f) => f.entry.worth === 0);
  const row = (f: Schemas['PlacedFeature']) => (
    <li key={f.id}>
      <Button
        type="text"
        className="row"
        onClick={() => selectFeature(feature === f.id ? undefined : f.id)}
        aria-expanded={feature === f.id}
      >
        <b className={`n ${css.column20}`}>{f.entry.worth || ''}</b>
        <span className={css.grow}>
          {f.entry.name}
          <br />
          <small>{says(f.entry)}</small>
        </span>
        {f.entry.protectionDone && <Mark kind="ready" size={18} />}
      </Button>
      {feature === f.id && leader && <Edit key={f.version} job={job} feature={f} />}
    </li>
  );
  if (draft && leader) {
    return (
      <section aria-label={msg('newTarget')} className={css.inkAbove}>
        <FeatureForm entry={draft} change={(over) => setDraft({ ...draft, ...over })} />
        {draft.form === 'POINT' && (
          <Ranging
            job={job}
            put={(at, how) => setDraft({ ...draft, form: 'POINT', outline: [at], radiusM: 0.5, takenHow: how })}
          />
        )}
        <p aria-live="polite">
          {draft.outline.length === 0 ? (
            msg('placeNotSetYet')
          ) : draft.form === 'POINT' ? (
            <>
              {msg('place')}{' '}
              <b className="n">
                {msg('eastNorthWithEastM', {
                  eastM: length(draft.outline[0].eastM),
                  northM: length(draft.outline[0].northM),
                })}
              </b>{' '}
              ({draft.takenHow})
            </>
          ) : (
            <>
              {msg('lineAreaWith', { form: draft.form === 'LINE' ? 'yes' : 'no' })}{' '}
              <b>{msg('corners', { outlineCount: draft.outline.length })}</b> ({draft.takenHow})
            </>
          )}
        </p>
        <Button
          type="primary"
          size="large"
          block
          disabled={draft.outline.length === 0 || !draft.name}
          onClick={() => void act(addFeature(job, draft)).then((kept) => kept && setDraft(undefined))}
        >
          {msg('addItToThe')}
        </Button>
        <Button type="text" onClick={() => setDraft(undefined)}>
          {msg('leaveIt')}
        </Button>
      </section>
    );
  }
  return (
    <>
      {leader && (
        <Button type="text" className={css.strong} onClick={() => setDraft(NEW_FEATURE)}>
          {msg('addATargetOr')}
        </Button>
      )}
      <h2>
        {msg('targets')} <span>{msg('enteredWorth1To', { targetsCount: targets.length })}</span>
      </h2>
      <ul className="list">{targets.map(row)}</ul>
      <h2>
        {msg('alsoOnThePlan')} <span>{others.length}</span>
      </h2>
      <ul className="list">{others.map(row)}</ul>
      {features.length === 0 && <p className="empty">{msg('nothingYetDrawOn')}</p>}
    </>
  );
}

const middle = (points: Spot[]): Spot => ({
  eastM: points.reduce((a, p) => a + p.eastM, 0) / points.length,
  northM: points.reduce((a, p) => a + p.northM, 0) / points.length,
});

function says(e: Schemas['PlacesEntry']): string {
  const kind = term('FeatureKind', e.kind) === e.name ? '' : term('FeatureKind', e.kind);
  const what =
    e.kind === 'OVERHEAD_LINE'
      ? msg('carries', { voltage: e.more.voltage ? term('VoltageClass', e.more.voltage) : msg('notKnown') })
      : e.kind === 'LANDING_BED' && e.more.bed
        ? term('Bed', e.more.bed)
        : kind;
  const care =
    e.worth === 0
      ? ''
      : e.mayBeHit
        ? msg('mayBeHitAgreedBy', { agreedBy: e.agreedBy, agreedOn: e.more.agreedOn ? `, ${e.more.agreedOn}` : '' })
        : e.protection === 'NONE'
          ? msg('noProtectionPlanned')
          : `${term('Protection', e.protection)}: ${e.protectedBy || msg('nobodyNamed')}`;
  return [what, e.more.inside, e.more.occupied, care].filter(Boolean).join(' · ');
}

function Edit({ job, feature }: { job: string; feature: Schemas['PlacedFeature'] }) {
  const { say, pick, selectFeature } = usePlanTools();
  const act = useAct(job, say);
  const e = feature.entry;
  const change = (over: Partial<Schemas['PlacesEntry']>) => void act(changeFeature(job, feature, over));
  const move = () =>
    pick(msg('tapWhereIsNow', { name: e.name }), (to) => {
      const dE = to.eastM - feature.mark.eastM;
      const dN = to.northM - feature.mark.northM;
      change({
        outline: e.outline.map((p) => ({
          eastM: Math.round((p.eastM + dE) * 100) / 100,
          northM: Math.round((p.northM + dN) * 100) / 100,
        })),
        takenHow: msg('movedByTapping'),
      });
    });
  return (
    <div className={css.roomBelow}>
      <FeatureForm entry={e} change={change} stored />
      <p className="s">{msg('placeTakenCountsAs', { takenHow: e.takenHow || msg('notRecorded') })}</p>
      <div className={css.wrapsApart}>
        <Button type="text" className={css.strong} onClick={move}>
          {msg('moveOnThePlan')}
        </Button>
        <Button
          type="text"
          onClick={() => void act(removeFeature(job, feature)).then((gone) => gone && selectFeature(undefined))}
        >
          {msg('takeOffThePlan')}
        </Button>
        <Button type="text" onClick={() => selectFeature(undefined)}>
          {msg('close')}
        </Button>
      </div>
    </div>
  );
}
