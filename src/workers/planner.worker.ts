import { BROWSER_SLICING, serveThePage } from './browser-line';
import { makePlannerService } from './planner-service';

serveThePage(makePlannerService(BROWSER_SLICING));
