import css from '../../ui/layout.module.css';
import { Button } from 'antd';
import { useEffect, useState } from 'react';
import type { Schemas, Spot } from '../../api/client';
import { useAct, useFeatures } from '../../api/job';
import { usePanelKey } from '../../app/keys';
import { Mark } from '../../figures/Mark';
import { type Form, usePlanTools } from '../../plan/planTools';
import { words } from '../../units/format';
import { FeatureForm } from './FeatureForm';
import { addFeature, changeFeature, removeFeature } from './history';
import { Ranging } from './Ranging';
import { length } from '../../units/length';

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
        ? [{ at: middle(draft.outline), label: draft.name || 'new', form: draft.form, outline: draft.outline }]
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
      <section aria-label="New target" className={css.inkAbove}>
        <FeatureForm entry={draft} change={(over) => setDraft({ ...draft, ...over })} />
        {draft.form === 'POINT' && (
          <Ranging
            job={job}
            put={(at, how) => setDraft({ ...draft, form: 'POINT', outline: [at], radiusM: 0.5, takenHow: how })}
          />
        )}
        <p aria-live="polite">
          {draft.outline.length === 0 ? (
            'Place not set yet.'
          ) : draft.form === 'POINT' ? (
            <>
              Place:{' '}
              <b className="n">
                {length(draft.outline[0].eastM)} east, {length(draft.outline[0].northM)} north
              </b>{' '}
              ({draft.takenHow})
            </>
          ) : (
            <>
              {draft.form === 'LINE' ? 'Line' : 'Area'} with <b>{draft.outline.length} corners</b> ({draft.takenHow})
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
          Add it to the plan
        </Button>
        <Button type="text" onClick={() => setDraft(undefined)}>
          Leave it
        </Button>
      </section>
    );
  }
  return (
    <>
      {leader && (
        <Button type="text" className={css.strong} onClick={() => setDraft(NEW_FEATURE)}>
          + Add a target or feature (T)
        </Button>
      )}
      <h2>
        Targets <span>{targets.length} entered; worth 1 to 4</span>
      </h2>
      <ul className="list">{targets.map(row)}</ul>
      <h2>
        Also on the plan <span>{others.length}</span>
      </h2>
      <ul className="list">{others.map(row)}</ul>
      {features.length === 0 && (
        <p className="empty">
          Nothing yet. Draw on the plan with the tools at its left, or add by tape. A target missing here is the
          commonest error.
        </p>
      )}
    </>
  );
}

const middle = (points: Spot[]): Spot => ({
  eastM: points.reduce((a, p) => a + p.eastM, 0) / points.length,
  northM: points.reduce((a, p) => a + p.northM, 0) / points.length,
});

function says(e: Schemas['PlacesEntry']): string {
  const kind = words(e.kind) === e.name ? '' : words(e.kind);
  const what =
    e.kind === 'OVERHEAD_LINE'
      ? `carries: ${e.more.voltage ? words(e.more.voltage) : 'not known'}`
      : e.kind === 'LANDING_BED' && e.more.bed
        ? words(e.more.bed)
        : kind;
  const care =
    e.worth === 0
      ? ''
      : e.mayBeHit
        ? `may be hit, agreed by ${e.agreedBy}${e.more.agreedOn ? `, ${e.more.agreedOn}` : ''}`
        : e.protection === 'NONE'
          ? 'no protection planned'
          : `${words(e.protection)}: ${e.protectedBy || 'nobody named'}`;
  return [what, e.more.inside, e.more.occupied, care].filter(Boolean).join(' · ');
}

function Edit({ job, feature }: { job: string; feature: Schemas['PlacedFeature'] }) {
  const { say, pick, selectFeature } = usePlanTools();
  const act = useAct(job, say);
  const e = feature.entry;
  const change = (over: Partial<Schemas['PlacesEntry']>) => void act(changeFeature(job, feature, over));
  const move = () =>
    pick(`Tap where ${e.name} is now`, (to) => {
      const dE = to.eastM - feature.mark.eastM;
      const dN = to.northM - feature.mark.northM;
      change({
        outline: e.outline.map((p) => ({
          eastM: Math.round((p.eastM + dE) * 100) / 100,
          northM: Math.round((p.northM + dN) * 100) / 100,
        })),
        takenHow: 'moved by tapping',
      });
    });
  return (
    <div className={css.roomBelow}>
      <FeatureForm entry={e} change={change} stored />
      <p className="s">
        Place taken: {e.takenHow || 'not recorded'}. Counts as protected only when done; asked again before each go.
      </p>
      <div className={css.wrapsApart}>
        <Button type="text" className={css.strong} onClick={move}>
          Move on the plan
        </Button>
        <Button
          type="text"
          onClick={() => void act(removeFeature(job, feature)).then((gone) => gone && selectFeature(undefined))}
        >
          Take off the plan
        </Button>
        <Button type="text" onClick={() => selectFeature(undefined)}>
          Close
        </Button>
      </div>
    </div>
  );
}
