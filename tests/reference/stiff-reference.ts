/**
 * The same cells as a plain system of differential equations, handed to a general-purpose stiff integrator: what the
 * solver's semi-implicit steps must agree with. Slow and simple on purpose; nothing of the solver's time stepping is used.
 */
import { Faces } from '@/core/heat/faces';
import type { Piece, Surroundings } from '@/core/heat';
import type { Material } from '@/core/heat/material';
import type { Support } from '@/core/heat/appliance';
import { Slab } from '@/core/heat/slab';
import { SurfaceFlux } from '@/core/heat/surface-flux';
import { WATER_J_PER_KG_K } from '@/core/quantities';

/** A reference that needs more is not worth waiting for. */
const MOST_STEPS = 20_000;
/** Water above boiling leaves at this rate [1/s]: fast against everything else, slow enough to integrate. */
const FLASH_PER_S = 0.5;

export type ReferenceProblem = {
  readonly material: Material;
  readonly piece: Piece;
  readonly surroundings: Extract<Surroundings, { kind: 'steady' }>;
  readonly support: Support;
  readonly pressure_pa: number;
  readonly cells: number;
};

/** Right-hand side over temperatures, then moistures, of all cells. */
export function cellEquations(problem: ReferenceProblem): {
  initial: Float64Array;
  derivative: (y: Float64Array, out: Float64Array) => void;
} {
  const { material, piece, surroundings, support, pressure_pa, cells } = problem;
  const slab = new Slab(material, { ...piece, exposure: 0, heatExposure: 0 }, cells, pressure_pa, 1);
  const faces = new Faces(surroundings, { pressure_pa, temperature_c: piece.start_c }, 0);
  const top = new SurfaceFlux(material.activity, 1, material.moisture0);
  const bottom = new SurfaceFlux(material.activity, 1, material.moisture0);
  const { air_c, vapour_pa } = surroundings;
  const initial = new Float64Array(2 * cells);
  initial.fill(piece.start_c, 0, cells).fill(material.moisture0, cells);

  const surface = (face: SurfaceFlux, i: number, transfer: number): number => {
    const half = slab.height[i] / 2;
    // Its Newton steps stop early, as the solver may; a derivative needs them to the end.
    for (let again = 0; again < 4; again++)
      face.solve(
        {
          moisture: slab.moisture[i],
          vapour_pa: slab.vapour[i],
          vapourPerMoisture: slab.vapourPerMoisture[i],
          vapourPerKelvin: slab.vapourPerKelvin[i],
          logSaturation: slab.logSaturation[i],
          saturationSlope: slab.saturationSlope[i],
          phi: slab.phi[i],
          phiSlope: slab.phiSlope[i],
        },
        ((slab.solids[i] / slab.height[i]) * slab.diffusion[i]) / half,
        slab.vapourConductivity[i] / half,
        transfer,
        vapour_pa,
        pressure_pa,
      );
    return face.flux;
  };

  const derivative = (y: Float64Array, out: Float64Array): void => {
    for (let i = 0; i < cells; i++) {
      slab.temperature[i] = y[i];
      slab.moisture[i] = Math.max(1e-6, y[cells + i]);
    }
    slab.refresh();
    const area = slab.areaFactor;
    const last = cells - 1;
    faces.refresh(slab, support, false, air_c, slab.temperature[0], slab.temperature[last]);
    const heat = new Float64Array(cells);
    const water = new Float64Array(cells);
    for (let i = 0; i < last; i++) {
      const [h0, h1] = [slab.height[i] / 2, slab.height[i + 1] / 2];
      const conducted =
        (slab.temperature[i] - slab.temperature[i + 1]) / (h0 / slab.conductivity[i] + h1 / slab.conductivity[i + 1]);
      const density = (cell: number): number => (slab.solids[cell] / slab.height[cell]) * slab.diffusion[cell];
      const liquid = ((0.5 * (density(i) + density(i + 1))) / (h0 + h1)) * (slab.moisture[i] - slab.moisture[i + 1]);
      const vapour =
        (slab.vapour[i] - slab.vapour[i + 1]) / (h0 / slab.vapourConductivity[i] + h1 / slab.vapourConductivity[i + 1]);
      const latent = 0.5 * (slab.latent[i] + slab.latent[i + 1]);
      const flow = liquid + vapour;
      water[i] -= area * flow;
      water[i + 1] += area * flow;
      const moved = area * (conducted + latent * vapour);
      heat[i] -= moved;
      heat[i + 1] += moved;
      heat[flow > 0 ? i + 1 : i] += area * WATER_J_PER_KG_K * flow * (slab.temperature[i] - slab.temperature[i + 1]);
    }
    for (const [face, i, conductance, transfer] of [
      [top, 0, faces.topHeat, faces.topMass],
      [bottom, last, faces.bottomHeat, faces.bottomMass],
    ] as const) {
      const flux = surface(face, i, transfer);
      const into = (air_c - slab.temperature[i]) / (1 / conductance + slab.height[i] / (2 * slab.conductivity[i]));
      water[i] -= area * flux;
      heat[i] += area * (into - slab.latent[i] * flux);
    }
    for (let i = 0; i < cells; i++) {
      const over = slab.phi[i] * slab.logAw[i] + slab.logSaturation[i] - Math.log(pressure_pa);
      const flashed = over > 0 ? FLASH_PER_S * over * slab.solids[i] * slab.moisture[i] : 0;
      out[cells + i] = (water[i] - flashed) / slab.solids[i];
      out[i] = (heat[i] - slab.latent[i] * flashed) / slab.capacity(i);
    }
  };
  return { initial, derivative };
}

/**
 * A two-stage, second-order, L-stable Rosenbrock method with a numerical Jacobian and step control by an embedded
 * first-order solution (Verwer et al. 1999, ROS2): general-purpose, for any stiff system of moderate size.
 */
export function integrate(
  derivative: (y: Float64Array, out: Float64Array) => void,
  initial: Float64Array,
  end_s: number,
  tolerance: number,
): { y: Float64Array; steps: number } {
  const n = initial.length;
  const gamma = 1 + 1 / Math.SQRT2;
  let y = initial.slice();
  let [time, step, steps] = [0, 1e-3, 0];
  const f0 = new Float64Array(n);
  const f1 = new Float64Array(n);
  while (time < end_s - 1e-9) {
    step = Math.min(step, end_s - time);
    derivative(y, f0);
    const lu = factor(jacobianMatrix(derivative, y, f0, gamma * step));
    const k1 = lu.solve(f0);
    const middle = y.map((value, i) => value + step * k1[i]);
    derivative(middle, f1);
    const k2 = lu.solve(f1.map((value, i) => value - 2 * k1[i]));
    const next = y.map((value, i) => value + 1.5 * step * k1[i] + 0.5 * step * k2[i]);
    let error = 0;
    for (let i = 0; i < n; i++) {
      const scale = i < n / 2 ? 1 : 0.01 + Math.abs(y[i]);
      error = Math.max(error, Math.abs(next[i] - middle[i]) / scale);
    }
    if (++steps > MOST_STEPS) throw new Error(`the reference did not get beyond ${time} s`);
    if (error <= tolerance || step < 1e-5) {
      y = next;
      time += step;
    }
    step *= Math.min(3, Math.max(0.2, 0.9 * Math.sqrt(tolerance / Math.max(error, 1e-12))));
  }
  return { y, steps };
}

/** I - gamma h J, by differences. */
function jacobianMatrix(
  derivative: (y: Float64Array, out: Float64Array) => void,
  y: Float64Array,
  f0: Float64Array,
  weight: number,
): Float64Array[] {
  const n = y.length;
  const rows = Array.from({ length: n }, () => new Float64Array(n));
  const moved = y.slice();
  const out = new Float64Array(n);
  for (let column = 0; column < n; column++) {
    const delta = 1e-6 * Math.max(1e-2, Math.abs(y[column]));
    moved[column] += delta;
    derivative(moved, out);
    moved[column] = y[column];
    for (let row = 0; row < n; row++) rows[row][column] = (row === column ? 1 : 0) - (weight * (out[row] - f0[row])) / delta;
  }
  return rows;
}

/** LU with row exchange. */
function factor(a: Float64Array[]): { solve: (b: Float64Array) => Float64Array } {
  const n = a.length;
  const order = Array.from({ length: n }, (_, i) => i);
  for (let k = 0; k < n; k++) {
    let pivot = k;
    for (let i = k + 1; i < n; i++) if (Math.abs(a[i][k]) > Math.abs(a[pivot][k])) pivot = i;
    [a[k], a[pivot]] = [a[pivot], a[k]];
    [order[k], order[pivot]] = [order[pivot], order[k]];
    for (let i = k + 1; i < n; i++) {
      const share = (a[i][k] /= a[k][k]);
      if (share !== 0) for (let j = k + 1; j < n; j++) a[i][j] -= share * a[k][j];
    }
  }
  return {
    solve(b) {
      const x = Float64Array.from(order, (from) => b[from]);
      for (let i = 0; i < n; i++) for (let j = 0; j < i; j++) x[i] -= a[i][j] * x[j];
      for (let i = n - 1; i >= 0; i--) {
        for (let j = i + 1; j < n; j++) x[i] -= a[i][j] * x[j];
        x[i] /= a[i][i];
      }
      return x;
    },
  };
}
