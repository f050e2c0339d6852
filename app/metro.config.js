const { readdirSync } = require('node:fs')
const { join } = require('node:path')
const { getDefaultConfig } = require('expo/metro-config')

const config = getDefaultConfig(__dirname)

// A package that ships two builds comes in one of them only, the one of ES modules: of both, each has a state of its own.
config.resolver.unstable_conditionsByPlatform.web = ['browser', 'module']

/** What is fetched ahead is also run ahead, with all that it names: opening a stage then only draws it. */
const RUN_AHEAD = ['../core', 'src/stages', 'src/handover', 'src/parts', 'src/shop'].flatMap((folder) =>
  readdirSync(join(__dirname, folder), { recursive: true, withFileTypes: true })
    .filter((file) => file.isFile() && /\.tsx?$/.test(file.name))
    .map((file) => join(file.parentPath, file.name)),
)
// Everything else runs when it is first used, not when it is named: home needs little of what its packages hold.
config.transformer.getTransformOptions = async () => ({
  transform: {
    experimentalImportSupport: true,
    inlineRequires: { blockList: Object.fromEntries(RUN_AHEAD.map((file) => [file, true])) },
  },
})

// `npm run dev`: the page comes from Metro, with reload, and its calls go on to the server.
const api = process.env.OAK_API
if (api) {
  const { createProxyMiddleware } = require('http-proxy-middleware')
  const toServer = createProxyMiddleware({ target: api, pathFilter: '/api' })
  config.server.enhanceMiddleware = (metro) => (request, response, next) =>
    request.url.startsWith('/api/') ? toServer(request, response, next) : metro(request, response, next)
}

module.exports = config
