import { Button, Input } from 'antd';
import { useKit } from '../../api/job';
import { ShortLength } from '../../app/ShortLength';
import { Chips, Stepper } from '../../app/Stepper';
import type { Cutting, CutView } from './useCuts';

const TECHNIQUES = [
  { value: 'SWING', words: 'turn it round its hinge' },
  { value: 'NOSE_QUARTER', words: 'upper nose quarter' },
  { value: 'VERY_DEEP_FACE', words: 'very deep face' },
  { value: 'FACE_PLUNGE', words: 'bore through the face' },
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
    <div className="form" aria-label="Own measures">
      <Chips
        label="Saw, from the house's list"
        value={c.sawId ?? ''}
        onChange={(id) =>
          l.set({ barM: kit.find((k) => k.id === id)?.barM ?? l.choice.barM, cuts: { ...c, sawId: id || undefined } })
        }
        options={[
          ...saws.map((s) => ({ value: s.id, words: `${s.name}, ${s.said.barM}` })),
          { value: '', words: 'another bar' },
        ]}
      />
      <div className="two">
        {!c.sawId && (
          <Stepper
            label="Bar"
            unit="m"
            value={l.choice.barM}
            onChange={(b) => b !== null && l.set({ barM: b })}
            step={0.05}
            wrong={l.wrong('barM')}
          />
        )}
        <Stepper
          label="Cut height"
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
          {v.suggestedHeightM === undefined ? v.insteadOfHeight : `Lowest clear height ${v.said.suggestedHeightM}.`}
        </p>
      )}
      <h2>
        The stump <span>tape or calliper over the bark</span>
      </h2>
      <div className="two">
        <ShortLength
          label="Bark, one side"
          value={c.barkM}
          by={0}
          note={c.barkM === undefined ? 'not looked at: counted as wood' : 'holds nothing'}
          onChange={(m) => l.setCuts({ barkM: m })}
          wrong={l.wrong('barkM')}
          undo="forget it"
        />
        <Chips
          label="First cut of the notch"
          value={c.faceOrder ?? 'SLOPING_FIRST'}
          onChange={(o) => l.setCuts({ faceOrder: o })}
          options={[
            { value: 'SLOPING_FIRST', words: 'sloping' },
            { value: 'LEVEL_FIRST', words: 'level' },
          ]}
        />
        <ShortLength
          label="Stem along the lay"
          value={c.alongM}
          by={v.card.dAlongM + 2 * (c.barkM ?? 0)}
          onChange={(m) => l.setCuts({ alongM: m })}
          wrong={l.wrong('alongM')}
          note={c.alongM === undefined ? 'by the taper from 1.3 m' : 'measured'}
          undo="forget it"
        />
        <ShortLength
          label="Stem across it"
          value={c.acrossM}
          by={v.card.dAcrossM + 2 * (c.barkM ?? 0)}
          onChange={(m) => l.setCuts({ acrossM: m })}
          wrong={l.wrong('acrossM')}
          note={c.acrossM === undefined ? 'as along, if not measured' : 'measured'}
          undo="forget it"
        />
      </div>
      <p className="s">{v.orderMakesEasier}.</p>
      <h2>
        Notch and hinge <span>inside the bark</span>
      </h2>
      <div className="two">
        <ShortLength
          label="Notch depth"
          value={c.depthM}
          by={rule('DEPTH')}
          onChange={(m) => l.setCuts({ depthM: m })}
          wrong={l.wrong('depthM')}
        />
        <Stepper
          label="Face angle"
          unit="°"
          value={c.faceDeg ?? v.card.faceDeg}
          onChange={(d) => l.setCuts({ faceDeg: d ?? undefined })}
          step={5}
          digits={0}
          wrong={l.wrong('faceDeg')}
          note={`computed ${type?.said.faceDeg ?? `${v.card.faceDeg}°`}`}
          undo={c.faceDeg !== undefined ? () => l.setCuts({ faceDeg: undefined }) : undefined}
        />
        <ShortLength
          label="Hinge, left end"
          value={c.hingeLeftM}
          by={rule('HINGE_LEFT')}
          onChange={(m) => l.setCuts({ hingeLeftM: m })}
          wrong={l.wrong('hingeLeftM')}
        />
        <ShortLength
          label="Hinge, right end"
          value={c.hingeRightM}
          by={rule('HINGE_RIGHT')}
          onChange={(m) => l.setCuts({ hingeRightM: m })}
          wrong={l.wrong('hingeRightM')}
        />
        <ShortLength
          label="Step above the floor"
          value={c.stepM}
          by={rule('STEP')}
          onChange={(m) => l.setCuts({ stepM: m })}
          wrong={l.wrong('stepM')}
        />
        {v.card.strapLeft && (
          <ShortLength
            label="Strap"
            value={c.strapM}
            by={rule('STRAP')}
            onChange={(m) => l.setCuts({ strapM: m })}
            wrong={l.wrong('strapM')}
          />
        )}
      </div>
      <Chips
        label="Back cut"
        value={c.backCut ?? ''}
        onChange={(b) => l.setCuts({ backCut: b === '' ? undefined : b })}
        options={[
          { value: '', words: 'by the rule' },
          { value: 'STRAIGHT', words: 'straight in' },
          { value: 'BORE_STRAP', words: 'bore, strap' },
          { value: 'BORE_RUN_OUT', words: 'bore, run out' },
        ]}
      />
      <h2>
        Specialist work <span>a second opinion each, no recipe</span>
      </h2>
      <div className="chips">
        {TECHNIQUES.map((t) => (
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
          Why not the house’s type of cut
          <Input
            aria-label="Reason for the type of cut"
            value={c.reason ?? ''}
            maxLength={200}
            onChange={(e) => l.setCuts({ reason: e.target.value })}
          />
        </label>
      )}
    </div>
  );
}
