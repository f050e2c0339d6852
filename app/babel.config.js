module.exports = (api) => {
  api.cache(true)
  return {
    presets: ['babel-preset-expo'],
    // Of the kit only the components that are used.
    plugins: ['react-native-paper/babel'],
  }
}
