#!/bin/sh
# Starts Plucky Rally from the folder that this file lies in, and opens it in the browser. A double click does, or a terminal.
# What is typed behind it is handed on: --port N, --data DIR, --lan true, --https true, --newPassword true, --demo DIR.
case $0 in
  */*) here=${0%/*} ;;
  *) here=. ;;
esac
data=${XDG_DATA_HOME:-$HOME/.local/share}/plucky-rally
case " $* " in
  *" --data "*) ;;
  *) set -- --data "$data" "$@" ;;
esac
port=5080
last=
for word in "$@"; do
  [ "$last" = --port ] && port=$word
  last=$word
done
if [ -n "${DISPLAY:-}${WAYLAND_DISPLAY:-}" ] && command -v xdg-open >/dev/null 2>&1; then
  (sleep 3 && xdg-open "http://127.0.0.1:$port" >/dev/null 2>&1) &
fi
exec "$here/PluckyRally.Web" "$@"
