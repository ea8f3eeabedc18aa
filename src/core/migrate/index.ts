export { BACKUP_MIGRATIONS, BACKUP_VERSION, migrate } from './migrations';
