import { Skeleton, type SkeletonProps } from 'antd';
import { msg } from '../words/base';

/** Something is on its way: grey lines to see, one word to hear. */
export function Waiting({ className, ...skeleton }: SkeletonProps) {
  return (
    <div role="status" aria-label={msg('onItsWay')} className={className}>
      <div aria-hidden="true">
        <Skeleton active {...skeleton} />
      </div>
    </div>
  );
}
