// the package's main file exports nothing to Node; its module file does, and has no types of its own
declare module 'maxrects-packer/dist/maxrects-packer.mjs' {
  export * from 'maxrects-packer/dist/index';
}
