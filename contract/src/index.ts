// What every room stands on: limits, words of schemas, what a request may say.
export * from './fileName';
export * from './format';
export * from './limits';
export * from './wire';
