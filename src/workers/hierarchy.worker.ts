import { expose } from 'comlink';
import { hierarchyWork } from './hierarchyWork';

expose(hierarchyWork);
