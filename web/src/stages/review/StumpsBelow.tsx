import { Grid } from 'antd';
import { useReview } from '../../api/job';
import { Stumps } from './Stumps';
import { usePlanTools } from '../../plan/planTools';
import { reviewed } from '../../plan/reviewed';

/** The stump as briefed and as found, below the plan where there is room for it. */
export default function StumpsBelow({ job }: { job: string }) {
  const { stem } = usePlanTools();
  const o = reviewed(useReview(job).data?.outcomes.map((x) => x.outcome) ?? [], stem);
  if (!Grid.useBreakpoint().lg || !o?.stump.drawn) return null;
  return (
    <div className="base">
      <Stumps o={o} />
    </div>
  );
}
