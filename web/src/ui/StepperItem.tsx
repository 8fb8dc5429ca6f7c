import { Form } from 'antd';
import type { ComponentProps } from 'react';
import { Stepper } from '../app/Stepper';

type Props = Omit<ComponentProps<typeof Stepper>, 'value' | 'onChange' | 'wrong'>;
type Given = Partial<Pick<ComponentProps<typeof Stepper>, 'value' | 'onChange'>>;

/** A number with big buttons as a field of a form; what is wrong with it is said at it. */
export function StepperItem({ name, ...stepper }: Props & { name: string }) {
  return (
    <Form.Item name={name} noStyle>
      <Inside {...stepper} />
    </Form.Item>
  );
}

function Inside({ value, onChange, ...stepper }: Props & Given) {
  const { errors } = Form.Item.useStatus();
  const wrong = errors?.at(0);
  return (
    <Stepper
      {...stepper}
      value={value ?? null}
      onChange={(v) => onChange?.(v)}
      wrong={typeof wrong === 'string' ? wrong : undefined}
    />
  );
}
