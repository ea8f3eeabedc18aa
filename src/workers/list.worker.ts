import { expose } from 'comlink';
import { listWork } from './listWork';

expose(listWork);
