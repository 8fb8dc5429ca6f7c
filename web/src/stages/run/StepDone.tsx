import { useQuery } from '@tanstack/react-query';
import { Button, Modal, Radio } from 'antd';
import { useState } from 'react';
import { api, data, type Schemas } from '../../api/client';
import { newId } from '../../app/newId';
import '../../words/pages';
import { useWords } from '../../words/words';
import css from './run.module.css';

type Step = NonNullable<Schemas['RunView']['step']>;
type Told = Schemas['StepDoneRequest'];
type Moved = NonNullable<Told['moved']>;
type NowOn = NonNullable<Told['nowOn']>;
type Props = {
  job: string;
  step: Step;
  act: (w: Promise<unknown>) => Promise<boolean>;
  disabled?: boolean;
  /** A stem of the tangle moved: its picture is entered anew. */
  onMoved?: () => void;
};
const MOVED: Moved[] = ['AS_SAID', 'OTHERWISE', 'NOT_AT_ALL'];
const PREPARED: Moved[] = ['NOT_AT_ALL', 'AS_SAID', 'OTHERWISE'];
/** So many open ones are named that the reasons fit a phone without scrolling. */
const NAMED = 2;
const NOW_ON: NowOn[] = ['GROUND', 'ANOTHER_STEM', 'STILL_HANGS'];

/** The step is done; why cuts and checks are not ticked off is asked first, and what a hung or lying stem did. */
export function StepDone({ job, step, act, disabled, onMoved }: Props) {
  const t = useWords();
  const [asking, setAsking] = useState(false);
  const [moved, setMoved] = useState<Moved>();
  const [nowOn, setNowOn] = useState<NowOn>();
  const asks = step.asksWhatItDid;
  const pieces = step.asksHowItWent;
  const still = !asks?.doneIfStill && (moved === 'NOT_AT_ALL' || nowOn === 'STILL_HANGS');
  const anew = asks && (!asks.where || moved !== 'NOT_AT_ALL' || asks.anewIfStill);
  const reasons =
    useQuery({
      queryKey: ['unticked-reasons'],
      staleTime: Infinity,
      enabled: asking && step.openTicks > 0,
      queryFn: () => data(api.GET('/api/jobs/{job}/run/unticked-reasons', { params: { path: { job } } })),
    }).data ?? [];
  const done = async (unticked?: Told['unticked'], piece?: Told['piece']) => {
    setAsking(false);
    const now = moved === 'NOT_AT_ALL' ? undefined : nowOn;
    const body = { openTicks: step.openTicks, unticked, moved, nowOn: now, piece, id: newId() };
    const kept = await act(api.POST('/api/jobs/{job}/run/done', { params: { path: { job } }, body }));
    if (kept && asks && anew) onMoved?.();
  };
  const open = step.cuts.filter((c) => !c.at);
  const told = !asks || moved === 'NOT_AT_ALL' || (moved !== undefined && (!asks.where || nowOn !== undefined));
  return (
    <>
      <Button
        type="primary"
        className="next"
        disabled={disabled}
        onClick={() => (step.openTicks > 0 || asks || pieces.length > 0 ? setAsking(true) : void done())}
      >
        <span>
          {t('done.step', { title: step.title })}
          <small>{t('done.anew')}</small>
        </span>
        →
      </Button>
      <Modal
        open={asking}
        title={
          pieces.length > 0
            ? t('done.piece')
            : asks
              ? t('done.told')
              : t('done.open', { open: step.openTicks, all: step.cuts.length })
        }
        onCancel={() => setAsking(false)}
        footer={[
          <Button key="back" size="large" onClick={() => setAsking(false)}>
            {t('done.back')}
          </Button>,
          pieces.length === 0 && (step.openTicks === 0 || still) && (
            <Button key="done" size="large" type="primary" disabled={!told} onClick={() => void done()}>
              {t('done.keep')}
            </Button>
          ),
        ]}
      >
        {pieces.map((p) => (
          <Button key={p.piece} size="large" block onClick={() => void done(undefined, p.piece)}>
            {p.words}
          </Button>
        ))}
        {asks && (
          <div className={css.told}>
            <Radio.Group
              size="large"
              optionType="button"
              buttonStyle="solid"
              className={css.choices}
              aria-label={t('done.told')}
              value={moved}
              onChange={(e) => setMoved(e.target.value as Moved)}
              options={(asks.doneIfStill ? PREPARED : MOVED).map((value) => ({
                value,
                label: t(`done.moved.${value}`),
              }))}
            />
            {asks.where && moved && moved !== 'NOT_AT_ALL' && (
              <Radio.Group
                size="large"
                optionType="button"
                buttonStyle="solid"
                className={css.choices}
                aria-label={t('done.now')}
                value={nowOn}
                onChange={(e) => setNowOn(e.target.value as NowOn)}
                options={NOW_ON.map((value) => ({ value, label: t(`done.now.${value}`) }))}
              />
            )}
            {told && (still || anew) && (
              <p>
                <b>{still ? t('done.stillUp') : asks.where ? t('done.enterAnew') : t('done.touched')}</b>
              </p>
            )}
          </div>
        )}
        {open.length > 0 && (
          <>
            {asks && <p>{t('done.open', { open: step.openTicks, all: step.cuts.length })}</p>}
            <ul>
              {open.slice(0, NAMED).map((c) => (
                <li key={c.key}>{c.says.words}</li>
              ))}
            </ul>
            {open.length > NAMED && <p>{t('go.more', { count: open.length - NAMED })}</p>}
            {!still && (
              <div className={css.why} role="group" aria-label={t('done.why')}>
                <b>{t('done.why')}</b>
                {reasons.map((r) => (
                  <Button key={r.unticked} size="large" block disabled={!told} onClick={() => void done(r.unticked)}>
                    {r.words}
                  </Button>
                ))}
                <p>{t('done.logged')}</p>
              </div>
            )}
          </>
        )}
      </Modal>
    </>
  );
}
