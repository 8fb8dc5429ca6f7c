import { Button, Input } from 'antd';
import { useKit } from '../../api/job';
import { ShortLength } from '../../app/ShortLength';
import { Chips, Stepper } from '../../app/Stepper';
import type { Cutting, CutView } from './useCuts';
import { msg } from './words';

const techniqueWords = () =>
  [
    { value: 'SWING', words: msg('turnItRoundIts') },
    { value: 'NOSE_QUARTER', words: msg('upperNoseQuarter') },
    { value: 'VERY_DEEP_FACE', words: msg('veryDeepFace') },
    { value: 'FACE_PLUNGE', words: msg('boreThroughTheFace') },
  ] as const;

/** The leader's own values, each beside what the rule computes; the consequences follow at once. */
export function MeasuresTab({ l, v }: { l: Cutting; v: CutView }) {
  const c = l.cuts;
  const rule = (key: CutView['card']['measures'][number]['key']) => {
    const m = v.card.measures.find((x) => x.key === key);
    const type = v.types.find((t) => t.school === l.choice.school);
    switch (key) {
      case 'DEPTH':
        return type?.depthM ?? m?.value ?? 0;
      case 'HINGE_LEFT':
      case 'HINGE_RIGHT':
        return type?.hingeM ?? m?.value ?? 0;
      case 'STEP':
        return type?.stepM ?? m?.value ?? 0;
      default:
        return Number(m?.rule?.value ?? m?.value ?? 0);
    }
  };
  const kit = useKit().data ?? [];
  const saws = kit.filter((k) => k.kind === 'SAW');
  const techniques = c.techniques ?? [];
  const type = v.types.find((t) => t.school === l.choice.school);
  return (
    <div className="form" aria-label={msg('ownMeasures')}>
      <Chips
        label={msg('sawFromTheHouses')}
        value={c.sawId ?? ''}
        onChange={(id) =>
          l.set({ barM: kit.find((k) => k.id === id)?.barM ?? l.choice.barM, cuts: { ...c, sawId: id || undefined } })
        }
        options={[
          ...saws.map((s) => ({ value: s.id, words: `${s.name}, ${s.said.barM}` })),
          { value: '', words: msg('anotherBar') },
        ]}
      />
      <div className="two">
        {!c.sawId && (
          <Stepper
            label={msg('bar')}
            unit="m"
            value={l.choice.barM}
            onChange={(b) => b !== null && l.set({ barM: b })}
            step={0.05}
            wrong={l.wrong('barM')}
          />
        )}
        <Stepper
          label={msg('cutHeight')}
          unit="m"
          value={l.choice.cutHeightM}
          onChange={(h) => h !== null && l.set({ cutHeightM: h })}
          step={0.05}
          wrong={l.wrong('cutHeightM')}
        />
      </div>
      {v.heights.length > 0 && (
        <p className="s">
          {v.heights.join('; ')}.{' '}
          {v.suggestedHeightM === undefined
            ? v.insteadOfHeight
            : msg('lowestClearHeight', { suggestedHeightM: v.said.suggestedHeightM ?? '' })}
        </p>
      )}
      <h2>
        {msg('theStump')} <span>{msg('tapeOrCalliperOver')}</span>
      </h2>
      <div className="two">
        <ShortLength
          label={msg('barkOneSide')}
          value={c.barkM}
          by={0}
          note={c.barkM === undefined ? msg('notLookedAtCounted') : msg('holdsNothing')}
          onChange={(m) => l.setCuts({ barkM: m })}
          wrong={l.wrong('barkM')}
          undo={msg('forgetIt')}
        />
        <Chips
          label={msg('firstCutOfThe')}
          value={c.faceOrder ?? 'SLOPING_FIRST'}
          onChange={(o) => l.setCuts({ faceOrder: o })}
          options={[
            { value: 'SLOPING_FIRST', words: msg('sloping') },
            { value: 'LEVEL_FIRST', words: msg('level') },
          ]}
        />
        <ShortLength
          label={msg('stemAlongTheLay')}
          value={c.alongM}
          by={v.card.dAlongM + 2 * (c.barkM ?? 0)}
          onChange={(m) => l.setCuts({ alongM: m })}
          wrong={l.wrong('alongM')}
          note={c.alongM === undefined ? msg('byTheTaperFrom') : msg('measured')}
          undo={msg('forgetIt')}
        />
        <ShortLength
          label={msg('stemAcrossIt')}
          value={c.acrossM}
          by={v.card.dAcrossM + 2 * (c.barkM ?? 0)}
          onChange={(m) => l.setCuts({ acrossM: m })}
          wrong={l.wrong('acrossM')}
          note={c.acrossM === undefined ? msg('asAlongIfNot') : msg('measured')}
          undo={msg('forgetIt')}
        />
      </div>
      <p className="s">{v.orderMakesEasier}.</p>
      <h2>
        {msg('notchAndHinge')} <span>{msg('insideTheBark')}</span>
      </h2>
      <div className="two">
        <ShortLength
          label={msg('notchDepth')}
          value={c.depthM}
          by={rule('DEPTH')}
          onChange={(m) => l.setCuts({ depthM: m })}
          wrong={l.wrong('depthM')}
        />
        <Stepper
          label={msg('faceAngle')}
          unit="°"
          value={c.faceDeg ?? v.card.faceDeg}
          onChange={(d) => l.setCuts({ faceDeg: d ?? undefined })}
          step={5}
          digits={0}
          wrong={l.wrong('faceDeg')}
          note={msg('computed', { faceDeg: type?.said.faceDeg ?? `${v.card.faceDeg}°` })}
          undo={c.faceDeg !== undefined ? () => l.setCuts({ faceDeg: undefined }) : undefined}
        />
        <ShortLength
          label={msg('hingeLeftEnd')}
          value={c.hingeLeftM}
          by={rule('HINGE_LEFT')}
          onChange={(m) => l.setCuts({ hingeLeftM: m })}
          wrong={l.wrong('hingeLeftM')}
        />
        <ShortLength
          label={msg('hingeRightEnd')}
          value={c.hingeRightM}
          by={rule('HINGE_RIGHT')}
          onChange={(m) => l.setCuts({ hingeRightM: m })}
          wrong={l.wrong('hingeRightM')}
        />
        <ShortLength
          label={msg('stepAboveTheFloor')}
          value={c.stepM}
          by={rule('STEP')}
          onChange={(m) => l.setCuts({ stepM: m })}
          wrong={l.wrong('stepM')}
        />
        {v.card.strapLeft && (
          <ShortLength
            label={msg('strap')}
            value={c.strapM}
            by={rule('STRAP')}
            onChange={(m) => l.setCuts({ strapM: m })}
            wrong={l.wrong('strapM')}
          />
        )}
      </div>
      <Chips
        label={msg('backCut')}
        value={c.backCut ?? ''}
        onChange={(b) => l.setCuts({ backCut: b === '' ? undefined : b })}
        options={[
          { value: '', words: msg('byTheRule') },
          { value: 'STRAIGHT', words: msg('straightIn') },
          { value: 'BORE_STRAP', words: msg('boreStrap') },
          { value: 'BORE_RUN_OUT', words: msg('boreRunOut') },
        ]}
      />
      <h2>
        {msg('specialistWork')} <span>{msg('aSecondOpinionEach')}</span>
      </h2>
      <div className="chips">
        {techniqueWords().map((t) => (
          <Button
            type={techniques.includes(t.value) ? 'primary' : 'default'}
            key={t.value}
            aria-pressed={techniques.includes(t.value)}
            onClick={() =>
              l.setCuts({
                techniques: techniques.includes(t.value)
                  ? techniques.filter((x) => x !== t.value)
                  : [...techniques, t.value],
              })
            }
          >
            {t.words}
          </Button>
        ))}
      </div>
      {type && !type.house && (
        <label>
          {msg('whyNotTheHouses')}
          <Input
            aria-label={msg('reasonForTheType')}
            value={c.reason ?? ''}
            maxLength={200}
            onChange={(e) => l.setCuts({ reason: e.target.value })}
          />
        </label>
      )}
    </div>
  );
}
