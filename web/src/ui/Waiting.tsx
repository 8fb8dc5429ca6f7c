import { Skeleton, type SkeletonProps } from 'antd';

/** Something is on its way: grey lines to see, one word to hear. */
export function Waiting({ className, ...skeleton }: SkeletonProps) {
  return (
    <div role="status" aria-label="on its way" className={className}>
      <div aria-hidden="true">
        <Skeleton active {...skeleton} />
      </div>
    </div>
  );
}
