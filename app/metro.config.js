const http = require('node:http');
const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);

// the schemas' own words come in forty languages, more than half of what the whole library weighs: one is spoken here
const resolve = config.resolver.resolveRequest;
config.resolver.resolveRequest = (context, name, platform) => {
  const locales =
    /(^|\/)locales\/index\.c?js$/.test(name) && /[\\/]zod[\\/]v4[\\/]/.test(context.originModulePath);
  if (locales) return { type: 'sourceFile', filePath: path.join(__dirname, 'zod-english.js') };
  return (resolve ?? context.resolveRequest)(context, name, platform);
};

// while developing, the bundler passes what is for the API on to the server, so that the app has one origin
const api = process.env.BARYTHM_API && new URL(process.env.BARYTHM_API);
if (api) {
  const inner = config.server.enhanceMiddleware ?? ((middleware) => middleware);
  config.server.enhanceMiddleware = (middleware, server) => {
    const next = inner(middleware, server);
    return (request, response, done) => {
      if (!request.url.startsWith('/api/')) return next(request, response, done);
      const { method, headers, url } = request;
      const onward = http.request(
        { host: api.hostname, port: api.port, path: url, method, headers },
        (answer) => {
          response.writeHead(answer.statusCode, answer.headers);
          answer.pipe(response);
        },
      );
      onward.on('error', () => response.writeHead(502).end());
      request.pipe(onward);
    };
  };
}

module.exports = config;
