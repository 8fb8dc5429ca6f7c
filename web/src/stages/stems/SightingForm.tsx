import css from '../../ui/layout.module.css';
import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { noAnswer } from '../../api/job';
import { api, data, Problem, type Schemas } from '../../api/client';
import { Chips, Stepper } from '../../app/Stepper';
import { msg } from './words';

type Kind = Schemas['SightingChoice'];
export type Given = { numbers: Record<string, number>; choices: Record<string, string> };

const choiceWords = (): Record<string, string> => ({
  horizontal: 'level',
  slope_to_base: msg('eyeToBase'),
  slope_ground: msg('alongTheGround'),
  deg: 'degrees',
  percent: 'percent',
});

/** The fields of one kind of sighting as the core asks for them, with what follows from them at once. */
export function SightingForm({
  job,
  stem,
  kind,
  filled,
  touched,
  keep,
}: {
  job: string;
  stem: string;
  kind: Kind;
  filled?: Given;
  /** Numbers that are read off a photo. */
  touched?: Record<string, number>;
  keep: (g: Given) => Promise<boolean>;
}) {
  const [numbers, setNumbers] = useState<Record<string, number | null>>(filled?.numbers ?? {});
  const [choices, setChoices] = useState<Record<string, string>>(filled?.choices ?? {});
  const [answer, setAnswer] = useState<Schemas['Preview']>();
  const [refused, setRefused] = useState('');
  const given: Given = {
    numbers: {
      ...Object.fromEntries(Object.entries(numbers).filter((e): e is [string, number] => e[1] !== null)),
      ...touched,
    },
    choices,
  };
  const missing = kind.notes.filter((n) => n.required && n.choices.length === 0 && given.numbers[n.name] === undefined);
  const complete = missing.length === 0;
  const key = JSON.stringify(given);
  useEffect(() => {
    setAnswer(undefined);
    setRefused('');
    if (!complete) return;
    const later = setTimeout(
      () =>
        void data(
          api.POST('/api/jobs/{job}/stems/{stem}/sightings/preview', {
            params: { path: { job, stem } },
            body: { kind: kind.key, ...given } as never,
          }),
        ).then(setAnswer, (e) =>
          setRefused(
            e instanceof Problem
              ? e.faults
                  .map((f) => `${kind.notes.find((n) => n.name === f.field)?.words ?? f.field} ${f.message}`)
                  .join('; ') || e.message
              : noAnswer(),
          ),
        ),
      180,
    );
    return () => clearTimeout(later);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key stands for the numbers
  }, [key, complete, kind, job, stem]);
  const [more, setMore] = useState(false);
  const first = (n: Schemas['NoteView']) => n.required || n.standard === undefined;
  const pairs: Schemas['NoteView'][][] = [];
  kind.notes
    .filter((n) => n.choices.length === 0 && !n.touched && (more || first(n)))
    .forEach((n, i, all) => (i % 2 === 0 ? pairs.push([n, ...(all[i + 1] ? [all[i + 1]] : [])]) : undefined));
  return (
    <div className="form">
      {kind.notes
        .filter((n) => n.choices.length > 0 && (more || choices[n.name] !== undefined))
        .map((n) => (
          <Chips
            key={n.name}
            label={n.words}
            value={choices[n.name] ?? n.choices[0]}
            onChange={(c) => setChoices({ ...choices, [n.name]: c })}
            options={n.choices.map((c) => ({ value: c, words: choiceWords()[c] ?? c }))}
          />
        ))}
      {pairs.map((pair) => (
        <div className="two" key={pair[0].name}>
          {pair.map((n) => (
            <Stepper
              key={n.name}
              label={n.words}
              unit={n.unit.startsWith('° or') ? (choices.unit === 'percent' ? '%' : '°') : n.unit}
              value={numbers[n.name] ?? n.standard ?? null}
              onChange={(v) => setNumbers({ ...numbers, [n.name]: v })}
              step={n.step}
              digits={n.step >= 1 ? 1 : 3}
            />
          ))}
        </div>
      ))}
      {!more && kind.notes.some((n) => n.choices.length > 0 || !first(n)) && (
        <Button type="text" className={css.alignLeft} onClick={() => setMore(true)}>
          {msg('measuredOtherwise', {
            notes: kind.notes
              .filter((n) => n.choices.length > 0 || !first(n))
              .map((n) => n.words.toLowerCase())
              .join(', '),
          })}
        </Button>
      )}
      <div className="answer" role="status" aria-label={msg('whatFollows')}>
        {answer && (
          <>
            = {answer.shown}{' '}
            <small>
              {msg('betweenAnd', {
                shownSigma: answer.shownSigma,
                shownLow: answer.shownLow,
                shownHigh: answer.shownHigh,
              })}
              {answer.warnings.map((w) => `; ${w}`)}
            </small>
          </>
        )}
        {refused && <small className={css.keepStrong}>{refused}</small>}
        {!complete && (
          <small>{msg('stillNeeded', { missing: missing.map((n) => n.words.toLowerCase()).join(', ') })}</small>
        )}
      </div>
      <Button
        size="large"
        block
        className={css.plainSize}
        disabled={!complete}
        onClick={() => {
          const before = { numbers, choices };
          setNumbers({});
          setChoices({});
          void keep(given).then((kept) => {
            if (!kept) {
              setNumbers(before.numbers);
              setChoices(before.choices);
            }
          });
        }}
      >
        {msg('keepThisSighting')}
      </Button>
    </div>
  );
}
