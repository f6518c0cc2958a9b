import { EXPLAIN_WORK, type ExplainWork } from '@near-spoke/core/verify/explain';
import { answerAsked } from '../threads/answer-asked';

answerAsked<ExplainWork>(EXPLAIN_WORK);
