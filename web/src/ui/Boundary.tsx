import { Button } from 'antd';
import { Component, lazy, type ReactNode, Suspense } from 'react';
import { msg } from '../words/base';

export type Fault = { type: 'error' | 'warning'; title: string; words: string; again: string; act: () => void };
type Props = {
  what: string;
  children: ReactNode;
  /** Shown in its place; else that it is a fault of ours. */
  failed?: Fault;
};
type State = { failed?: Error };

/** The same without what could not be had. */
const Plain = ({ title, words, again, act }: Fault) => (
  <div role="alert" className="refused">
    <b>{title}.</b> {words}{' '}
    <Button type="primary" size="large" onClick={act}>
      {again}
    </Button>
  </div>
);
// nobody waits for it before something fails, and then the network may be what failed
const FaultAlert = lazy(() => import('./FaultAlert').catch(() => ({ default: Plain })));

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
    const fault: Fault = this.props.failed ?? {
      type: 'error',
      title: msg('cannotBeShown', { what: this.props.what }),
      words: msg('ourFault'),
      again: msg('showItAgain'),
      act: () => this.setState({ failed: undefined }),
    };
    return (
      <Suspense fallback={<Plain {...fault} />}>
        <FaultAlert {...fault} />
      </Suspense>
    );
  }
}
