# The program and nothing else: built in the first stage, installed in the second.
FROM node:22-slim AS build
WORKDIR /build
COPY . .
RUN npm ci && npm pack --pack-destination /packed

FROM node:22-slim
COPY --from=build /packed /packed
RUN npm install --global /packed/*.tgz && rm -r /packed
# A user without rights, who is in the image already.
USER node
WORKDIR /work
ENTRYPOINT ["echo-trail"]
CMD ["--help"]
