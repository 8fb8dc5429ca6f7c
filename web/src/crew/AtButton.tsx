import type { Refused } from '../api/outbox';

/** What the button says it could not do, beside the button. */
export const AtButton = ({ refused }: { refused?: Refused }) =>
  refused ? (
    <p className="refused" role="alert">
      {refused.message}
    </p>
  ) : null;
