import { Cluster } from './cluster';
import { copySeeded } from '../seeded-copy';
import { setUp } from './house';

let cluster: Cluster | null = null;

/** One cluster with the demo kitchen in it, which every house of the suite copies: far quicker than making each anew. */
export async function setup(): Promise<void> {
  cluster = await Cluster.make();
  await cluster.start();
  await copySeeded(cluster.url);
  await setUp(cluster);
  await cluster.stop();
  process.env.OVEN_FAULTS_SEEDED = cluster.folder;
}

export const teardown = async (): Promise<void> => cluster?.remove();
