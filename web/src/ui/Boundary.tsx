import { Button, Result } from 'antd';
import { Component, type ReactNode } from 'react';

type Props = { what: string; children: ReactNode };
type State = { failed?: Error };

/** What fails in one part leaves the rest standing: HOLD, the plan and the other stages go on. */
export class Boundary extends Component<Props, State> {
  override state: State = {};

  static getDerivedStateFromError(failed: Error): State {
    return { failed };
  }

  override componentDidCatch(failed: Error): void {
    console.error(this.props.what, failed);
  }

  override render(): ReactNode {
    if (!this.state.failed) return this.props.children;
    return (
      <Result
        status="error"
        title={`${this.props.what} cannot be shown`}
        subTitle="This is a fault of Antevid, not yours. What was saved is safe; HOLD and the other parts work."
        extra={
          <Button type="primary" size="large" onClick={() => this.setState({ failed: undefined })}>
            Show it again
          </Button>
        }
      />
    );
  }
}
