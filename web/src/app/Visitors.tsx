import { Button, Checkbox, Collapse, Input, Select } from 'antd';
import { useState } from 'react';
import { api, type Schemas } from '../api/client';
import { useAct, useVisitors } from '../api/job';
import { Mark } from '../figures/Mark';
import { clock } from '../units/format';
import '../words/pages';
import { useWords } from '../words/words';
import css from './ticked.module.css';

type Kind = Schemas['VisitorRequest']['kind'];

/** Who is on the site without work there: told and asked back by whoever meets them, told again when it has changed. */
export default function Visitors({ job, say }: { job: string; say: (words: string) => void }) {
  const t = useWords();
  const act = useAct(job, say);
  const v = useVisitors(job).data;
  const [name, setName] = useState('');
  const [kind, setKind] = useState<Kind>('CLIENT');
  const [saidBack, setSaid] = useState(false);
  if (!v || v.card.length === 0) return null;
  const one = (id: string) => ({ params: { path: { job, id } } });
  const came = async () => {
    const body = { name, kind, saidBack };
    if (await act(api.POST('/api/jobs/{job}/visitors', { params: { path: { job } }, body }))) {
      setName('');
      setSaid(false);
    }
  };
  return (
    <section aria-label={t('visitor')} className="c">
      <h2>{t('visitor')}</h2>
      {v.here.length === 0 && <p className="s">{t('visitor.none')}</p>}
      {v.here.map((x) => (
        <div key={x.id} className={css.line}>
          <Mark kind={x.again ? 'CAUTION' : 'ready'} />
          <span className={css.what}>
            <b>{x.name}</b>, {x.kindWords}
            <br />
            <small>
              {x.again ? t('visitor.changed') : t('visitor.toldBy', { who: x.toldBy, at: clock(x.toldAt) })}
            </small>
          </span>
          {x.again && (
            <Button onClick={() => void act(api.POST('/api/jobs/{job}/visitors/{id}/again', one(x.id)))}>
              {t('visitor.again')}
            </Button>
          )}
          <Button type="text" onClick={() => void act(api.POST('/api/jobs/{job}/visitors/{id}/left', one(x.id)))}>
            {t('visitor.left')}
          </Button>
        </div>
      ))}
      <Collapse
        ghost
        items={[
          {
            key: 'comes',
            label: t('visitor.comes'),
            children: (
              <>
                <Input
                  aria-label={t('visitor.name')}
                  placeholder={t('visitor.name')}
                  size="large"
                  maxLength={80}
                  value={name}
                  onChange={(e) => setName(e.target.value)}
                />
                <Select
                  aria-label={t('visitor.kind')}
                  size="large"
                  className={css.wide}
                  value={kind}
                  onChange={setKind}
                  options={v.kinds.map((k) => ({ value: k.kind, label: k.words }))}
                />
                <p>{t('visitor.tell')}:</p>
                {v.card.map((m) => (
                  <p key={m.code}>
                    <b>{m.words}</b>
                  </p>
                ))}
                <Checkbox checked={saidBack} onChange={(e) => setSaid(e.target.checked)}>
                  {t('visitor.said')}
                </Checkbox>
                <Button
                  type="primary"
                  size="large"
                  block
                  disabled={!name.trim() || !saidBack}
                  onClick={() => void came()}
                >
                  {t('visitor.told')}
                </Button>
              </>
            ),
          },
        ]}
      />
    </section>
  );
}
