import { BROWSER_SLICING, serveThePage } from './browser-line';
import { makePredictionService } from './prediction-service';

serveThePage(makePredictionService(BROWSER_SLICING));
