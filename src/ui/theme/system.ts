import { createSystem, defaultBaseConfig } from '@chakra-ui/react';
import { tokens } from './tokens';

/** What the kit needs to read a style given as properties. What stands in the page once for all is in the sheet, made before the build. */
export const system = { ...createSystem(defaultBaseConfig, tokens, { disableLayers: true }), _global: [] };
