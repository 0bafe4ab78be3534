import { namedExports } from './named-exports.mjs';
import { provenance } from './provenance.mjs';

/** The rules of this house, for the linter. */
export default { meta: { name: 'house' }, rules: { provenance, 'named-exports': namedExports } };
