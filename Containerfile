# Washboard in a container: the page is built with Node, then one wheel is installed; nothing else stays.
FROM node:20-slim AS page
WORKDIR /build/web
COPY web/package.json web/package-lock.json ./
COPY web/types ./types
RUN npm ci --silent --no-audit --no-fund
COPY web ./
COPY src/washboard/words /build/src/washboard/words
RUN npm run --silent build -- --logLevel warn

FROM python:3.11-slim AS wheel
WORKDIR /build
RUN pip install --no-cache-dir build==1.5.1
COPY pyproject.toml README.md LICENSE constraints.txt ./
COPY src ./src
COPY --from=page /build/src/washboard/web ./src/washboard/web
RUN python -m build --wheel --outdir /wheel

FROM python:3.11-slim
COPY --from=wheel /wheel /wheel
COPY constraints.txt /wheel/
RUN pip install --no-cache-dir -c /wheel/constraints.txt /wheel/*.whl && rm -r /wheel \
    && useradd --create-home painter
USER painter
VOLUME /home/painter/studio
# Washboard answers on loopback only, so the container shares the machine's network:
#   docker build -f Containerfile -t washboard . && docker run --rm --network host -v washboard:/home/painter/studio washboard
CMD ["washboard", "serve", "--data", "/home/painter/studio", "--port", "8770"]
