export { askModel, type ClientOptions } from './client';
export { ModelComposer, type ModelAnswer } from './compose';
export { estimateTokens } from './prompt';
export { DEFAULT_BUDGET } from './types';
export type { Endpoint, ModelEvent, ModelRequest, Sent, SentPassage } from './types';
export { passagesToSend } from './passages';
