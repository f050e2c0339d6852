// For the tests of core, server and scripts: types away, modules to CommonJS, nothing else.
module.exports = {
  presets: [['@babel/preset-env', { targets: { node: '20' } }], '@babel/preset-typescript'],
}
