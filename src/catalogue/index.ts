export { SHIPPED_SPECIES } from './shipped';
