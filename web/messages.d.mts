import type { Plugin } from 'vite';

export declare const parsedMessages: () => Plugin;
