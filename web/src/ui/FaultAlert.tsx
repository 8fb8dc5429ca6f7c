import { Alert, Button } from 'antd';
import type { Fault } from './Boundary';

export default function FaultAlert({ type, title, words, again, act }: Fault) {
  return (
    <Alert
      type={type}
      showIcon
      title={title}
      description={words}
      action={
        <Button type="primary" size="large" onClick={act}>
          {again}
        </Button>
      }
    />
  );
}
