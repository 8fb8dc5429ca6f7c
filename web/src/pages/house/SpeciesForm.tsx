import { Button, Drawer, Form, Input, Radio } from 'antd';
import { api, type Schemas } from '../../api/client';
import { StepperItem } from '../../ui/StepperItem';
import { useSend } from '../../ui/useSend';
import { useTerms } from '../../words/words';
import css from './house.module.css';
import { msg } from './words';
import '../../words/terms';

type Species = Schemas['SpeciesView'];
type Typed = Record<string, number> & Pick<Schemas['WoodRequest'], 'hinge' | 'split' | 'source'>;
const HINGES: Species['hingeGrade'][] = ['STRONG', 'AVERAGE', 'BRITTLE'];
const SPLITS: Species['splitClass'][] = ['LOW', 'MODERATE', 'HIGH'];

/** The house's own figures for the wood of a genus, each beside the literature's, and what they rest on. */
export function SpeciesForm({ species, version, close }: { species: Species; version: number; close: () => void }) {
  const [form] = Form.useForm<Typed>();
  const { send, sending, refused } = useSend(form);
  const term = useTerms();
  const own = species.source !== undefined;
  const save = async (t: Typed) => {
    // what was not touched goes back as it came
    const figures = Object.fromEntries(
      species.figures.map((f) => [f.field, t[f.field] === f.typed ? f.value : t[f.field] / f.perUnit]),
    );
    const body = { ...figures, hinge: t.hinge, split: t.split, source: t.source, version } as Schemas['WoodRequest'];
    const params = { path: { species: species.key } };
    if (await send(api.PUT('/api/house/species/{species}', { params, body }))) close();
  };
  const usual = async () => {
    const params = { path: { species: species.key }, query: { version } };
    if (await send(api.DELETE('/api/house/species/{species}', { params }))) close();
  };
  return (
    <Drawer open title={msg('ourFiguresFor', { species: species.words })} size="min(560px, 100vw)" onClose={close}>
      <Form
        form={form}
        name="wood"
        layout="vertical"
        className={css.wood}
        requiredMark={false}
        initialValues={{
          ...Object.fromEntries(species.figures.map((f) => [f.field, f.typed])),
          hinge: species.hingeGrade,
          split: species.splitClass,
          source: species.source,
        }}
        onFinish={(t) => void save(t)}
        aria-label={msg('ourFiguresFor', { species: species.words })}
      >
        <p className="s">{msg('theyCountForEvery')}</p>
        {species.figures.map((f) => (
          <StepperItem
            key={f.key}
            name={f.field}
            label={f.words}
            unit={f.unit}
            step={f.step}
            digits={2}
            note={msg('literature', { usual: f.usual })}
          />
        ))}
        <Form.Item name="hinge" label={msg('asAHingeIt')}>
          <Radio.Group options={HINGES.map((value) => ({ value, label: term('Species.HingeGrade', value) }))} />
        </Form.Item>
        <Form.Item name="split" label={msg('itSplits')}>
          <Radio.Group options={SPLITS.map((value) => ({ value, label: term('Species.SplitClass', value) }))} />
        </Form.Item>
        <Form.Item
          name="source"
          label={msg('whatTheyRestOn')}
          rules={[{ required: true, message: msg('whatYouWeighedTested') }]}
        >
          <Input maxLength={200} placeholder={msg('weighedTwelveLogsAt')} />
        </Form.Item>
        {refused}
        <Button type="primary" size="large" block htmlType="submit" loading={sending}>
          {msg('computeWithThese')}
        </Button>
        {own && (
          <Button size="large" block onClick={() => void usual()} disabled={sending}>
            {msg('backToTheLiterature')}
          </Button>
        )}
      </Form>
    </Drawer>
  );
}
