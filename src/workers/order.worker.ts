import { expose } from 'comlink';
import { orderWork } from './orderWork';

expose(orderWork);
