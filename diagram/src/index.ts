export * from './scene.ts';
export * from './floor.ts';
export * from './bodies.ts';
export * from './actions.ts';
export * from './frame.ts';
export { circle } from './strokes.ts';
export * from './markup.ts';
