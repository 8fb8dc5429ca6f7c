import { useQuery } from '@tanstack/react-query';
import { Menu, Select } from 'antd';
import { Waiting } from '../../ui/Waiting';
import { useSearchParams } from 'react-router';
import { api, data, type Schemas } from '../../api/client';
import { TopBar } from '../../app/TopBar';
import { useUnits } from '../../units/useUnits';
import { QuestionPicture } from './QuestionPicture';
import { SumForm } from './SumForm';
import css from './sums.module.css';
import { msg } from './words';

type Sum = Schemas['SumView'];

const questions = (): Record<Sum['question'], string> => ({
  HOW_BIG: msg('howBigIsIt'),
  HOW_IT_LEANS: msg('howDoesItLean'),
  HOW_SOUND: msg('isEnoughOfIt'),
  HOW_HEAVY: msg('howHeavyHowStrong'),
  HOW_IT_FALLS: msg('howDoesItCome'),
  WHERE_IT_LIES: msg('whereDoesItLie'),
  HOW_TO_CUT: msg('howIsItCut'),
  WHAT_BRINGS_IT_OVER: msg('whatBringsItOver'),
  WHAT_HANGS: msg('whatHangsAndLies'),
  WHAT_IS_SQUEEZED: msg('whatIsSqueezed'),
  WHAT_THE_PLATE_DOES: msg('whatThePlateDoes'),
  WHAT_THE_ROPES_BEAR: msg('whatTheRopesBear'),
  WHAT_THE_STEM_BEARS: msg('whatTheStemBears'),
  WHAT_FALLS_FREE: msg('whatFallsFree'),
  WHAT_THE_CRANE_LIFTS: msg('whatTheCraneLifts'),
  WHO_DOES_WHAT_WHEN: msg('whoDoesWhatWhen'),
});
const ORDER = Object.keys(questions()) as Sum['question'][];

/** Every computation on its own, by the question somebody has; the address carries the figures. */
export default function SumsPage() {
  const units = useUnits();
  const sums = useQuery({
    queryKey: ['sums', units],
    queryFn: () => data(api.GET('/api/sums', {})),
    staleTime: Infinity,
  });
  const [search, setSearch] = useSearchParams();
  const name = search.get('sum') ?? 'diameter';
  const sum = sums.data?.find((s) => s.name === name);
  const open = (next: string) => setSearch({ sum: next });
  const groups = ORDER.map((q) => ({ q, of: (sums.data ?? []).filter((s) => s.question === q) }));
  return (
    <div className={css.page}>
      <TopBar />
      <main className={css.main}>
        <nav className={css.menu} aria-label={msg('sums')}>
          <h1>{msg('sums')}</h1>
          <Menu
            mode="inline"
            selectedKeys={[name]}
            onClick={({ key }) => open(key)}
            items={groups.map((g) => ({
              key: g.q,
              type: 'group',
              label: (
                <span className={css.question}>
                  <QuestionPicture question={g.q} />
                  {questions()[g.q]}
                </span>
              ),
              children: g.of.map((s) => ({ key: s.name, label: s.title })),
            }))}
          />
        </nav>
        <div className={css.choose}>
          <h1>{msg('sums')}</h1>
          <Select
            aria-label={msg('sum')}
            className="wide"
            value={name}
            onChange={open}
            options={groups.map((g) => ({
              label: questions()[g.q],
              options: g.of.map((s) => ({ value: s.name, label: s.title })),
            }))}
          />
        </div>
        {sum ? <SumForm key={sum.name} sum={sum} /> : <Waiting className={css.form} />}
      </main>
    </div>
  );
}
