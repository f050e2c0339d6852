const { getDefaultConfig } = require('expo/metro-config')
const { packageParts, sourcesOf } = require('./bundle-parts.cjs')

const config = getDefaultConfig(__dirname)

// A package that ships two builds comes in one of them only, the one of ES modules: of both, each has a state of its own.
config.resolver.unstable_conditionsByPlatform.web = ['browser', 'module']

/** What is fetched ahead is also run ahead, with all that it names: opening a stage then only draws it. */
const RUN_AHEAD = sourcesOf('../core', 'src/stages', 'src/handover', 'src/parts', 'src/shop')
// Everything else runs when it is first used, not when it is named: home needs little of what its packages hold.
config.transformer.getTransformOptions = async () => ({
  transform: {
    experimentalImportSupport: true,
    inlineRequires: { blockList: Object.fromEntries(RUN_AHEAD.map((file) => [file, true])) },
  },
})

const parts = packageParts()
config.resolver.resolveRequest = (context, name, platform) =>
  platform === 'web' && Object.hasOwn(parts, name)
    ? { type: 'sourceFile', filePath: parts[name] }
    : context.resolveRequest(context, name, platform)

// `npm run dev`: the page comes from Metro, with reload, and its calls go on to the server.
const api = process.env.OAK_API
if (api) {
  const { createProxyMiddleware } = require('http-proxy-middleware')
  const toServer = createProxyMiddleware({ target: api, pathFilter: '/api' })
  config.server.enhanceMiddleware = (metro) => (request, response, next) =>
    request.url.startsWith('/api/') ? toServer(request, response, next) : metro(request, response, next)
}

module.exports = config
