import { serveAtOnce } from '../worker/serve';
import { zipped, type CopyFiles } from './zipped';

serveAtOnce((files: CopyFiles) => zipped(files));
