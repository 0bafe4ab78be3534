/** Latent heat is limited as if a cell could give this share of its stiff moisture in one step [1]; the rest is owed. Source: ours. */
const STIFFNESS_SHARE = 0.5;

/**
 * Share [0..1] of a vapour flux whose latent heat the heat solve may charge in one step: a nearly dry cell answers so
 * stiffly that the whole would overshoot.
 *
 * @param stiffness_per_s - how much the flux changes with the moisture of the cells it leaves, per their solids
 */
export const stiffnessLimit = (dt_s: number, stiffness_per_s: number): number =>
  1 / Math.max(1, STIFFNESS_SHARE * dt_s * stiffness_per_s);
