# Where developing happens: apart from what npm start serves and from the tests. Source it after lib.sh.
export OVEN_STATE="${DEV_STATE:-$ROOT/.oven/dev}" OVEN_DB_PORT="${OVEN_DB_PORT:-54332}"
STATE="$OVEN_STATE"
[ "$PORT" = 3210 ] && export PORT=3212
mkdir -p "$STATE"
