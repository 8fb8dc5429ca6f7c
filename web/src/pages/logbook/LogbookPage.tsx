import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { DatePicker, Empty, Select } from 'antd';
import dayjs from 'dayjs';
import { Link, useSearchParams } from 'react-router';
import { api, data, type Schemas } from '../../api/client';
import type { paths } from '../../api/generated/schema';
import { TopBar } from '../../app/TopBar';
import { Figure } from '../../figures/Figure';
import { Mark } from '../../figures/Mark';
import { LessonList } from '../../lessons/LessonList';
import { Rows } from '../../ui/Rows';
import { Waiting } from '../../ui/Waiting';
import { speed } from '../../units/length';
import { useUnits } from '../../units/useUnits';
import css from './logbook.module.css';
import { Files } from './Files';
import { Rose } from './Rose';
import { Strip } from './Strip';
import { msg } from './words';

type View = Schemas['LogbookView'];
type Numbers = Schemas['Numbers'];
type Asked = NonNullable<paths['/api/logbook']['get']['parameters']['query']>;
const NAMES = ['sawyer', 'species', 'cut', 'means', 'wood', 'since', 'until', 'gustFromMs'] as const;
/** From a breeze on; what people say of the wind is in these steps. */
const GUSTS_MS = ['4', '6', '8'] as const;

type Name = (typeof NAMES)[number];

/** All falls of the house beside what was foreseen; the address carries the filter. */
export default function LogbookPage() {
  const units = useUnits();
  const [search, setSearch] = useSearchParams();
  const asked = Object.fromEntries(NAMES.map((n) => [n, search.get(n) ?? undefined])) as Record<
    Name,
    string | undefined
  >;
  const logbook = useQuery({
    queryKey: ['logbook', asked, units],
    queryFn: ({ signal }) => data(api.GET('/api/logbook', { params: { query: asked as unknown as Asked }, signal })),
    placeholderData: keepPreviousData,
  }).data;
  const ask = (name: Name, value?: string) =>
    setSearch(
      (was) => {
        const next = new URLSearchParams(was);
        if (value) next.set(name, value);
        else next.delete(name);
        return next;
      },
      { replace: true },
    );
  return (
    <>
      <TopBar />
      <main className={css.page}>
        <h1>
          {msg('logbook')} <small>{msg('allFalls')}</small>
        </h1>
        {!logbook && <Waiting />}
        {logbook && (
          <>
            <Filters choices={logbook.choices} asked={asked} ask={ask} />
            <Body book={logbook} />
            <House />
            <Files />
          </>
        )}
      </main>
    </>
  );
}

/** What the house has learned, from whichever job. */
function House() {
  const lessons = useQuery({ queryKey: ['lessons'], queryFn: () => data(api.GET('/api/lessons', {})) }).data;
  return lessons ? <LessonList house lessons={lessons} /> : null;
}

type FiltersProps = {
  choices: View['choices'];
  asked: Record<Name, string | undefined>;
  ask: (name: Name, value?: string) => void;
};

function Filters({ choices, asked, ask }: FiltersProps) {
  const one = (name: 'sawyer' | 'species' | 'cut' | 'means' | 'wood', of: View['choices']['cuts']) => (
    <label>
      {msg(name)}
      <Select
        allowClear
        aria-label={msg(name)}
        placeholder={msg('any')}
        value={asked[name]}
        options={of.map((c) => ({ value: c.value, label: c.words }))}
        onChange={(v?: string) => ask(name, v)}
      />
    </label>
  );
  const day = (name: 'since' | 'until') => (
    <label>
      {msg(name)}
      <DatePicker
        aria-label={msg(name)}
        placeholder={msg('any')}
        value={asked[name] ? dayjs(asked[name]) : null}
        onChange={(d) => ask(name, d ? d.format('YYYY-MM-DD') : undefined)}
      />
    </label>
  );
  return (
    <div className={css.filters}>
      {one('sawyer', choices.sawyers)}
      {one('wood', choices.woods)}
      {one('means', choices.means)}
      {one('cut', choices.cuts)}
      {one('species', choices.species)}
      <label>
        {msg('gust')}
        <Select
          allowClear
          aria-label={msg('gust')}
          placeholder={msg('any')}
          value={asked.gustFromMs}
          options={GUSTS_MS.map((value) => ({ value, label: msg('gustFrom', { speed: speed(Number(value)) }) }))}
          onChange={(v?: string) => ask('gustFromMs', v)}
        />
      </label>
      {day('since')}
      {day('until')}
    </div>
  );
}

function Body({ book }: { book: View }) {
  if (book.all === 0 && !book.others) return <Empty description={msg('noFalls')} />;
  const aimed = book.falls.filter((f) => f.aimed);
  const n = book.accuracy.numbers;
  return (
    <>
      <div className={css.above}>
        <section aria-label={msg('whereTheTipLay')}>
          <h2>
            {msg('whereTheTipLay')} <span>{msg('fromPredicted')}</span>
          </h2>
          <Rose falls={aimed} />
        </section>
        <div>
          <section aria-label={msg('fallsMeasured')}>
            <div className="figs">
              <div>
                <b className={css.count}>{msg('measuredOf', { measured: book.measured, all: book.all })}</b>
                <small>{msg('fallsMeasured')}</small>
              </div>
              {n && <Told n={n} />}
            </div>
            {book.measured < book.all && (
              <p className={css.line}>
                <Mark kind="CAUTION" /> {msg('onlyGood')}
              </p>
            )}
            {!n && <p>{msg('below', { aimed: book.accuracy.measured, least: book.least })}</p>}
            {n?.oneSided && (
              <p className={css.line}>
                <Mark kind="CAUTION" /> {msg('pullOneSided')}
              </p>
            )}
          </section>
          <section aria-label={msg('howUnusual')}>
            <h2>
              {msg('howUnusual')} <span>{msg('missOverForeseen')}</span>
            </h2>
            <Strip falls={aimed} />
          </section>
          {book.gone.length > 0 && (
            <section aria-label={msg('notInTheRose')}>
              <h2>
                {msg('notInTheRose')} <span>{msg('goneWhy')}</span>
              </h2>
              {book.gone.map((g) => (
                <p key={g.control} className={css.line}>
                  <b className="n">{msg('goneOf', { count: g.count, of: book.toldOf })}</b> {g.words}
                </p>
              ))}
            </section>
          )}
          {book.others && (
            <section aria-label={msg('others')}>
              <h2>{msg('others')}</h2>
              <p>
                {msg('othersAre', {
                  measured: book.others.measured,
                  all: book.others.falls,
                  numbers: book.others.numbers ? 'yes' : 'no',
                  inside: book.others.numbers?.inside ?? '',
                  fans: book.others.numbers?.fans ?? '',
                })}
              </p>
            </section>
          )}
        </div>
      </div>
      <Falls falls={book.falls} />
    </>
  );
}

const way = (deg: number) => (deg >= 0 ? 'yes' : 'no');

function Told({ n }: { n: Numbers }) {
  return (
    <>
      <div>
        <b className={css.count}>{msg('insideOf', { inside: n.inside, fans: n.fans })}</b>
        <small>{msg('insideTheFan', { low: n.said.insideLow, high: n.said.insideHigh })}</small>
      </div>
      <div>
        <Figure shown={n.said.biasDeg} more={msg(n.biasDeg >= 0 ? 'right' : 'left')} />
        <small>
          {msg('pullIs', {
            low: n.said.biasLowDeg,
            lowRight: way(n.biasLowDeg),
            high: n.said.biasHighDeg,
            highRight: way(n.biasHighDeg),
          })}
        </small>
      </div>
      <div>
        <Figure shown={n.said.spreadDeg} />
        <small>{msg('spread')}</small>
      </div>
    </>
  );
}

function Falls({ falls }: { falls: View['falls'] }) {
  return (
    <section aria-label={msg('theFalls')}>
      <h2>{msg('theFalls')}</h2>
      <div className={css.wide}>
        <Rows
          label={msg('theFalls')}
          rows={falls}
          keyOf={(f) => `${f.job} ${f.stem}`}
          columns={[
            { head: msg('when'), cell: (f) => f.felledAt.slice(0, 10) },
            {
              head: msg('stem'),
              cell: (f) => (
                <b>
                  {f.jobId ? <Link to={`/jobs/${f.jobId}/review`}>{`${f.job} ${f.stem}`}</Link> : `${f.job} ${f.stem}`}
                </b>
              ),
            },
            { head: msg('sawyer'), cell: (f) => f.sawyer ?? '' },
            { head: msg('cutMeans'), cell: (f) => `${f.cut}, ${f.means}` },
            { head: msg('gustThen'), cell: (f) => f.said.gustMs ?? '', quantity: true },
            { head: msg('predicted'), cell: (f) => f.said.predictedDeg, quantity: true },
            { head: msg('fell'), cell: (f) => f.said.fellDeg ?? '', quantity: true },
            {
              head: msg('miss'),
              cell: (f) =>
                f.measured
                  ? f.aimed
                    ? `${f.said.missDeg ?? ''} ${msg((f.missDeg ?? 0) >= 0 ? 'right' : 'left')}`
                    : (f.control ?? msg('notTold'))
                  : msg('notMeasured'),
              right: true,
            },
            { head: msg('times'), cell: (f) => (f.aimed ? (f.said.times ?? '') : ''), quantity: true },
            {
              cell: (f) =>
                f.aimed && f.inside !== undefined ? (
                  <Mark kind={f.inside ? 'ready' : 'CAUTION'} />
                ) : (
                  <Mark kind="none" />
                ),
              width: 44,
            },
          ]}
        />
      </div>
    </section>
  );
}
