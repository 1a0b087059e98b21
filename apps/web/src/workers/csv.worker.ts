import { expose } from 'comlink';
import { csvReader } from './csvReader';

expose(csvReader());
