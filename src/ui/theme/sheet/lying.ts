/** A phone lying down: little height, and width for two things beside each other. */
export const LYING = '@media (max-height: 480px) and (min-width: 560px)';
