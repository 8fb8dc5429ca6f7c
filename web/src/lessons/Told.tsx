import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { api, data } from '../api/client';
import { useSend } from '../ui/useSend';
import '../words/lessons';
import { useWords } from '../words/words';
import css from './lessons.module.css';

export const useLessons = (job: string) =>
  useQuery({
    queryKey: ['job', job, 'lessons'],
    queryFn: () => data(api.GET('/api/jobs/{job}/lessons', { params: { path: { job } } })),
  });

/** What other jobs taught and this one is told; one tap says whether it helped. */
export function Told({ job }: { job: string }) {
  const t = useWords();
  const told = useLessons(job).data?.told ?? [];
  const { send, sending, refused } = useSend();
  if (told.length === 0) return null;
  const use = (lesson: string, helped: boolean) => {
    const params = { path: { job, lesson } };
    void send(api.POST('/api/jobs/{job}/lessons/{lesson}/uses', { params, body: { helped } }));
  };
  return (
    <section aria-label={t('lessons.told')}>
      <h2>
        {t('lessons.told')} <span>{t('lessons.toldWhy')}</span>
      </h2>
      {refused}
      <ul className={css.lessons}>
        {told.map((l) => (
          <li key={l.id}>
            <div>
              <b>{l.says.words}</b>
              <small>
                {t('lessons.from', { job: l.fromJob, stem: l.stem ?? 'none', who: l.proposedBy })} · {l.becomesWords}
              </small>
              {l.helpedHere !== undefined ? (
                <small role="status">{t('lessons.said', { helped: l.helpedHere ? 'yes' : 'no' })}</small>
              ) : (
                <div className={css.decide}>
                  <Button disabled={sending} onClick={() => use(l.id, true)}>
                    {t('lessons.itHelped')}
                  </Button>
                  <Button disabled={sending} onClick={() => use(l.id, false)}>
                    {t('lessons.notHere')}
                  </Button>
                </div>
              )}
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}
