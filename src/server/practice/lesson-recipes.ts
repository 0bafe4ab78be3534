import type { BatchDocument } from '@/core/document';
import type { Result } from '@/core/failure';
import { checkBatch } from '@/formats/read-batch';
import parsnipBuckwheatSnaps from '../../../data/recipes/parsnip-buckwheat-snaps.batch.json';
import carobCarrotHearts from '../../../data/recipes/carob-carrot-hearts.batch.json';
import squashMilletFingers from '../../../data/recipes/squash-millet-fingers.batch.json';
import peaMintDoorstops from '../../../data/recipes/pea-mint-doorstops.batch.json';
import maltGrainCrackers from '../../../data/recipes/malt-grain-crackers.batch.json';
import salmonSwedeSlips from '../../../data/recipes/salmon-swede-slips.batch.json';
import swedeCrisps from '../../../data/recipes/swede-crisps.batch.json';
import turkeyCourgetteMuffins from '../../../data/recipes/turkey-courgette-muffins.batch.json';
import buckwheatSeedBars from '../../../data/recipes/buckwheat-seed-bars.batch.json';
import turkeyCourgetteMatBits from '../../../data/recipes/turkey-courgette-mat-bits.batch.json';

/** The recipes of the house that lessons are baked from, by the name of their file: built in, so that every kitchen has them. */
const FILES: Readonly<Record<string, unknown>> = {
  'parsnip-buckwheat-snaps': parsnipBuckwheatSnaps,
  'carob-carrot-hearts': carobCarrotHearts,
  'squash-millet-fingers': squashMilletFingers,
  'pea-mint-doorstops': peaMintDoorstops,
  'malt-grain-crackers': maltGrainCrackers,
  'salmon-swede-slips': salmonSwedeSlips,
  'swede-crisps': swedeCrisps,
  'turkey-courgette-muffins': turkeyCourgetteMuffins,
  'buckwheat-seed-bars': buckwheatSeedBars,
  'turkey-courgette-mat-bits': turkeyCourgetteMatBits,
};

/** The document of a lesson's recipe, as any other batch file is read. */
export const lessonRecipe = (name: string): Result<BatchDocument> => checkBatch(FILES[name]);
