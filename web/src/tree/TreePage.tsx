import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Button, Popconfirm } from 'antd';
import { Waiting } from '../ui/Waiting';
import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api, data, type Schemas, upload } from '../api/client';
import { useAct, useLays, useStems, useSurroundings, useTemplates } from '../api/job';
import { later } from '../app/later';
import { azimuth } from '../units/format';
import { useScene } from '../plan/useScene';
import { useChoices } from '../stages/stems/choices';
import { openQuestions, type Question, useDraft } from './draft';
import { TreeAnswer } from './TreeAnswer';
import { TreeFacts } from './TreeFacts';
import { TreeFrame } from './TreeFrame';
import { WhereQuestion } from './WhereQuestion';
import { TreeQuestion } from './TreeQuestions';
import css from './tree.module.css';
import { msg } from './words';

const SitePlan = lazy(() => later(() => import('../plan/SitePlan')));
const NONE: never[] = [];
/** A stem that is only on the plan: what it is is asked for wherever it matters. */
const UNSEEN = {
  species: 'UNKNOWN',
  state: 'STANDING',
  wood: { left: 'UNSEEN', right: 'UNSEEN', back: 'UNSEEN', core: 'UNSEEN', crown: 'UNSEEN' },
  shape: 'FOREST',
  crown: 'FOREST_BROADLEAF',
  toBeKept: false,
  note: '',
} as const;

/** What a template says; what it leaves open stays as it was tapped. */
const begun = ({ species, wood, leanDeg, means }: Schemas['TemplateView']) => ({
  ...(species && { species }),
  ...(wood && { wood }),
  ...(leanDeg !== undefined && { leanDeg }),
  ...(means && { means }),
});

/** What the server says to what is tapped; an older question is given up for a newer one. */
function useTreeLook(job: string, body: Schemas['TreeRequest']) {
  return useQuery({
    queryKey: ['job', job, 'tree', body],
    placeholderData: keepPreviousData,
    queryFn: ({ signal }) => data(api.POST('/api/jobs/{job}/trees/look', { params: { path: { job } }, body, signal })),
  });
}

/** One tree, one page: tapped in by eye, judged at once, used in one go. */
export default function TreePage() {
  const { job = '', stem } = useParams();
  return (
    <TreeFrame
      job={job}
      back={{ to: `/jobs/${job}/trees`, words: msg('trees') }}
      title={stem ? msg('tree') : msg('newTree')}
      wide
    >
      {(say) => <Tree key={stem ?? 'new'} job={job} stemId={stem} say={say} />}
    </TreeFrame>
  );
}

function Tree({ job, stemId, say }: { job: string; stemId?: string; say: (words: string) => void }) {
  const act = useAct(job, say);
  const navigate = useNavigate();
  const [draft, tap, drop] = useDraft(job, stemId);
  const stems = useStems(job).data ?? NONE;
  const stem = stems.find((s) => s.id === stemId);
  const choices = useChoices(job);
  const surroundings = useSurroundings(job).data;
  const templates = useTemplates().data ?? NONE;
  const [asked, setAsked] = useState<Question>();
  const { photo, ...tapped } = draft;
  const body = { ...tapped, stem: stemId };
  const look = useTreeLook(job, body);
  const view = look.data;
  const open = openQuestions(view, draft);
  const current = asked ?? open.at(0);
  const complete = open.length === 0 && !look.isPlaceholderData && view?.look;
  const answer = useRef<HTMLDivElement>(null);
  const done = Boolean(complete);
  // the answer is read first, wherever the last touch was
  useEffect(() => {
    if (done) answer.current?.scrollIntoView({ block: 'start' });
  }, [done]);
  const scene = useScene(job, {
    stage: 'lay',
    focus: 'lay',
    preview: complete ? view.lay : undefined,
    dial: complete ? view.look?.dial : undefined,
    selected: stemId,
  });
  const picking = current === 'WHERE';
  const planned = useLays(job).data?.find((l) => l.stemId === stemId);
  const [using, setUsing] = useState(false);
  const use = async () => {
    // pressed twice it would be two trees
    setUsing(true);
    let tree: Schemas['TreeUsed'] | undefined;
    const used = await act(
      data(api.POST('/api/jobs/{job}/trees', { params: { path: { job } }, body })).then((made) => {
        tree = made;
      }),
    );
    setUsing(false);
    if (!used) return;
    // what was touched can be looked at again; the tree stands without it too
    if (photo && tree) void act(upload(`/api/jobs/${job}/stems/${tree.id}/photos`, photo, photo.name));
    drop();
    void navigate(`/jobs/${job}/trees`);
  };
  const putOnPlan = async () => {
    if (!draft.at) return;
    const body = { ...UNSEEN, at: draft.at };
    const put = await act(api.POST('/api/jobs/{job}/stems', { params: { path: { job } }, body }));
    if (!put) return;
    drop();
    void navigate(`/jobs/${job}/stems`);
  };
  const never = view?.look?.headline === 'NOT_BY_HAND';
  return (
    <>
      <div className={`planbox ${css.plan} ${picking ? css.picking : ''}`}>
        <Suspense fallback={<Waiting />}>
          <SitePlan
            scene={scene}
            picking={picking}
            job={job}
            surroundings={surroundings}
            onStem={(id) => void navigate(`/jobs/${job}/trees/${id}`)}
            onFeature={() => undefined}
            onPoint={() => undefined}
            ghosts={draft.at ? [{ at: draft.at, label: view?.label ?? '' }] : NONE}
            onPick={(at) => {
              tap({ at });
              setAsked(undefined);
            }}
          />
        </Suspense>
      </div>
      <div className={css.panel}>
        <TreeFacts
          draft={draft}
          planned={view?.means}
          seen={view?.seen ?? []}
          stem={stem}
          species={(k) => choices.species.find((c) => c.key === k)?.words ?? ''}
          current={current}
          open={open}
          ask={setAsked}
        />
        {picking && (
          <WhereQuestion
            job={job}
            stems={stems}
            say={say}
            put={(at) => {
              tap({ at });
              setAsked(undefined);
            }}
          />
        )}
        {current === 'SPECIES' && !view?.means && templates.length > 0 && (
          <div role="group" aria-label={msg('beginWith')} className={css.question}>
            <h2 className={css.asked}>{msg('beginWithOrTap')}</h2>
            <div className={css.answers}>
              {templates.map((t) => (
                <Button key={t.id} onClick={() => tap(begun(t))}>
                  {t.name}
                </Button>
              ))}
            </div>
          </div>
        )}
        {current && !picking && (
          <TreeQuestion
            job={job}
            question={current}
            draft={draft}
            stems={stems}
            tap={(more) => {
              tap(more);
              setAsked(current === 'FAULTS' ? 'FAULTS' : undefined);
            }}
            done={() => setAsked(undefined)}
          />
        )}
        {!stemId && draft.at && !complete && (
          <Button type="text" className={css.long} onClick={() => void putOnPlan()}>
            {msg('itHangsOrLies')}
          </Button>
        )}
        <div ref={answer} className={css.below}>
          {look.error && (
            <p role="alert" className="refused">
              {look.error.message}
            </p>
          )}
          {open.length === 0 && !complete && !look.error && <Waiting title={{ width: '80%' }} />}
          {complete && stemId && (
            <Link to={`/jobs/${job}/stems`} state={{ stem: stemId }}>
              {msg('measureFaultsWoodAnd', { viewLabel: view.label })}
            </Link>
          )}
          {complete && <TreeAnswer job={job} view={view} stored={Boolean(stemId)} />}
        </div>
        {complete && !current && (
          <Popconfirm
            disabled={!planned || never}
            title={msg('aLayToDegrees', { layDeg: azimuth(planned?.choice.layDeg ?? 0) })}
            okText={msg('takeThisOne')}
            cancelText={msg('leaveIt')}
            onConfirm={() => void use()}
          >
            <Button
              type="primary"
              className={`next ${css.use}`}
              disabled={look.isFetching || using}
              onClick={planned && !never ? undefined : () => void use()}
            >
              <span>
                {never ? msg('writeItDown') : msg('useThis')}
                <small>
                  {never
                    ? msg('withoutALayIt')
                    : planned
                      ? msg('inPlaceOfThe', { layDeg: azimuth(planned.choice.layDeg) })
                      : msg('fixesLayCardWays')}
                </small>
              </span>
              →
            </Button>
          </Popconfirm>
        )}
      </div>
    </>
  );
}
