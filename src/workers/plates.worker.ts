import { expose } from 'comlink';
import { platesWork } from './platesWork';

expose(platesWork);
