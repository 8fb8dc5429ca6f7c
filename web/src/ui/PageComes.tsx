import css from './layout.module.css';
import { msg } from '../words/base';

/** A page is on its way: grey lines as a skeleton has them, without the weight of one in the first load of a phone. */
export const PageComes = () => (
  <div role="status" aria-label={msg('onItsWay')} className={css.comes} data-testid="page-comes">
    <i />
    <i />
    <i />
  </div>
);
