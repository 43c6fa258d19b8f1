const http = require('node:http');
const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);

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
