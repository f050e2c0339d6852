const { getDefaultConfig } = require('expo/metro-config')

const config = getDefaultConfig(__dirname)

// A package that ships two builds comes in one of them only, the one of ES modules: of both, each has a state of its own.
config.resolver.unstable_conditionsByPlatform.web = ['browser', 'module']

// `npm run dev`: the page comes from Metro, with reload, and its calls go on to the server.
const api = process.env.OAK_API
if (api) {
  const { createProxyMiddleware } = require('http-proxy-middleware')
  const toServer = createProxyMiddleware({ target: api, pathFilter: '/api' })
  config.server.enhanceMiddleware = (metro) => (request, response, next) =>
    request.url.startsWith('/api/') ? toServer(request, response, next) : metro(request, response, next)
}

module.exports = config
