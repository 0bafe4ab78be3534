import { expose } from 'comlink';
import { makePlannerService } from './planner-service';

expose(
  makePlannerService(
    () => performance.now(),
    () => new Promise((resume) => setTimeout(resume, 0)),
  ),
);
