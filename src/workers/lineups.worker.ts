import { expose } from 'comlink';
import { work } from './lineUpsWork';

expose(work);
