# Where the tests run: a place of their own, so that they never touch the data that npm start serves. Source it after lib.sh.
export OVEN_STATE="$ROOT/.oven/test" PORT="${TEST_PORT:-3311}" OVEN_DB_PORT="${TEST_DB_PORT:-54339}" OVEN_FSYNC=off
STATE="$OVEN_STATE"
