import { Button } from 'antd';
import { useEffect, useState } from 'react';
import type { Schemas } from '../api/client';
import { Chips, Stepper } from '../app/Stepper';
import { length } from '../units/length';
import { useUnits } from '../units/useUnits';
import { VoiceNote } from '../voice/VoiceNote';
import css from '../ui/layout.module.css';
import { useWords } from '../words/words';

const FACES = ['side.n', 'side.ne', 'side.e', 'side.se', 'side.s', 'side.sw', 'side.w', 'side.nw'];
/** Where faults are met most: foot, cut, breast height, and up the stem; metres. */
const HEIGHTS_M = { metric: [0, 0.3, 1.3, 3, 6, 10], feet: [0, 0.3048, 1.3716, 3.048, 6.096, 9.144] };

type Props = {
  kinds: Schemas['DefectChoice'][];
  stem: Schemas['StemView'];
  add: (body: Schemas['DefectRequest'], words: string, said?: Blob) => void;
};

/** A fault as somebody without the plan says it: what, how high, which side, what else, and what was said of it. */
export function SeeFault({ kinds, stem, add }: Props) {
  const t = useWords();
  const units = useUnits();
  const [kind, setKind] = useState<Schemas['DefectChoice']>();
  const [from, setFrom] = useState<number | null>(null);
  const [to, setTo] = useState<number | null>(null);
  const [face, setFace] = useState<number>();
  const [tells, setTells] = useState<Schemas['TellChoice']['key'][]>([]);
  const [said, setSaid] = useState<Blob>();
  const [heard, setHeard] = useState<string>();
  useEffect(() => {
    if (!said) return;
    const address = URL.createObjectURL(said);
    setHeard(address);
    return () => URL.revokeObjectURL(address);
  }, [said]);
  const complete = from !== null && face !== undefined;
  return (
    <div className={`c ${css.fields}`} role="group" aria-label={t('label.fault')}>
      <Chips
        label={t('see.what')}
        value={kind?.key}
        options={(kind ? [kind] : kinds).map((d) => ({ value: d.key, words: d.words }))}
        onChange={(k) => {
          setKind(kind ? undefined : kinds.find((d) => d.key === k));
          setTells([]);
        }}
      />
      {kind && (
        <>
          <Stepper label={t('see.height')} unit="m" value={from} step={0.5} min={0} digits={2} onChange={setFrom} />
          <Chips
            label={t('see.height')}
            heard
            value={from ?? undefined}
            options={HEIGHTS_M[units].map((m) => ({ value: m, words: m === 0 ? t('see.foot') : length(m) }))}
            onChange={setFrom}
          />
          <Stepper
            label={t('see.to')}
            unit="m"
            value={to}
            step={0.5}
            min={from ?? 0}
            digits={2}
            onChange={setTo}
            note={t('see.toNote')}
          />
          <Chips
            label={t('see.side')}
            value={face}
            options={FACES.map((name, i) => ({ value: i * 45, words: t(name) }))}
            onChange={setFace}
          />
          {kind.tells.length > 0 && (
            <>
              <h2>{t('see.else')}</h2>
              <div className="chips">
                {kind.tells.map((x) => (
                  <Button
                    type={tells.includes(x.key) ? 'primary' : 'default'}
                    key={x.key}
                    aria-pressed={tells.includes(x.key)}
                    onClick={() =>
                      setTells(tells.includes(x.key) ? tells.filter((y) => y !== x.key) : [...tells, x.key])
                    }
                  >
                    {x.words}
                  </Button>
                ))}
              </div>
            </>
          )}
          {said ? (
            <div role="group" aria-label={t('see.voice')}>
              {/* eslint-disable-next-line jsx-a11y/media-has-caption -- said a moment ago by who listens */}
              <audio controls src={heard} aria-label={t('see.voice')} />
              <p className="s">{t('voice.kept')}</p>
              <Button type="text" onClick={() => setSaid(undefined)}>
                {t('voice.again')}
              </Button>
            </div>
          ) : (
            <VoiceNote said={setSaid} />
          )}
          <Button
            type="primary"
            size="large"
            block
            disabled={!complete}
            onClick={() =>
              complete &&
              add(
                { kind: kind.key, fromM: from, toM: to ?? undefined, faceDeg: face, found: 'SEEN', tells },
                t('see.on', { what: kind.words, stem: stem.label }),
                said,
              )
            }
          >
            {t('see.addFault')}
          </Button>
        </>
      )}
    </div>
  );
}
