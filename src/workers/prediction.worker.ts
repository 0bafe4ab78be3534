import { expose } from 'comlink';
import { makePredictionService } from './prediction-service';

expose(
  makePredictionService(
    () => performance.now(),
    () => new Promise((resume) => setTimeout(resume)),
  ),
);
