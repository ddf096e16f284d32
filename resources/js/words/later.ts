import { texts } from 'virtual:words/later';
import { learn } from './words';

learn(texts);
